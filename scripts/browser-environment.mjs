import { TestEnvironment } from "jest-environment-jsdom";

/** As the browser's; it keeps no process waiting. */
class Channel extends BroadcastChannel {
  constructor(name) {
    super(name);
    this.unref();
  }
}

/** A browser's page for component tests, with what it lacks of what this app's browsers have. */
export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    const { global } = this;
    Object.assign(global, {
      structuredClone,
      BroadcastChannel: Channel,
      Blob,
      File,
      Response,
      TextEncoder,
      TextDecoder,
    });
    global.matchMedia = () => ({
      matches: false,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    });
    global.scrollTo = () => undefined;
  }
}
