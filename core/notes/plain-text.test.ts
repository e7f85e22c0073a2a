import { plainTextOf } from "./plain-text";

test.each([
  [
    "talk.srt",
    "1\n00:00:01,000 --> 00:00:03,000\nso two bolts\n\n2\n00:00:03,000 --> 00:00:05,000\nthey're 13 mil\n",
    "so two bolts they're 13 mil",
  ],
  [
    "talk.vtt",
    "WEBVTT\nKind: captions\n\nNOTE made by hand\n\n00:01.000 --> 00:03.000 align:start\n<c>so two</c> bolts\n\n00:03.000 --> 00:04.000\nso two bolts\n\n00:04.000 --> 00:06.000\n13 mil",
    "so two bolts 13 mil",
  ],
  [
    "page.html",
    "<html><head><title>x</title></head><body><script>bad()</script><h1>Mount</h1><p>Two bolts, 13&nbsp;mm &amp; 40&#176;</p><ul><li>rags</li></ul></body></html>",
    "Mount\nTwo bolts, 13 mm & 40°\nrags",
  ],
  ["memo.txt", "\uFEFFTwo bolts\r\n13 mm\r\n", "Two bolts\n13 mm"],
  ["notes.md", "# Mount\n- two bolts", "# Mount\n- two bolts"],
])("%s is taken as its words alone", (name, content, text) => {
  expect(plainTextOf(name, content)).toBe(text);
});
