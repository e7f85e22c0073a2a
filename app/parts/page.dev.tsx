import { PartsScreen } from "./screen";

/** Only while working on the app: the ending of this file's name is a page's in development alone. */
export default function Page() {
  return <PartsScreen />;
}
