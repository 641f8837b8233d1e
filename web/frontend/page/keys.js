// Keys. An element with data-key is pressed by that key, and the foot is drawn from those elements, so that
// what stands there is what works. A key pressed while typing is only a letter. With data-walk the keys go
// through the elements that it names; with data-own only a key pressed inside of what holds it counts. A key with
// Alt ("Alt+J") is pressed while typing too; what it does is done where the cursor stands.
const spelled = { " ": "Space" };
const typing = (el) => /^(INPUT|TEXTAREA|SELECT)$/.test(el.tagName);
const keysOf = (el) => el.dataset.key.split(" ");
// With Alt a letter may be another on some keyboards: the key itself counts.
const withAlt = (e) => "Alt+" + (e.key === "Enter" ? "↵" : e.code.replace(/^Key/, ""));

function keyed(root, key) {
  return [...root.querySelectorAll("[data-key]")].filter((el) => keysOf(el).includes(key));
}

// atHand is what holds the focus and has keys of its own: a canner, a note of the margin, the reading of a recipe.
const atHand = (el) => el.closest("[data-station], [data-note], [data-reading]");

// pressed is the element that a key presses: one at hand, else the page's, else the frame's.
function pressed(key, from) {
  const here = atHand(from);
  const free = (el) => !("own" in el.dataset);
  return (here && keyed(here, key)[0]) || keyed(document.querySelector("main"), key).find(free) || keyed(document, key).find(free);
}

function walk(list, by) {
  if (!list.length) return;
  const at = list.indexOf(document.activeElement);
  const next = at < 0 ? (by > 0 ? 0 : list.length - 1) : (at + by + list.length) % list.length;
  list[next].focus();
  list[next].scrollIntoView({ block: "nearest" });
}

function press(el, key) {
  if ("walk" in el.dataset) {
    // From a note, to the line it stands beside; from there on through the list.
    const own = document.activeElement.matches("[data-note]") && document.activeElement.closest(el.dataset.walk);
    if (own && own !== document.activeElement) own.focus();
    else walk([...document.querySelectorAll(el.dataset.walk)], keysOf(el).indexOf(key) === 1 ? -1 : 1);
  } else if ("print" in el.dataset) window.print();
  else if (el.tagName === "FORM") el.requestSubmit();
  else if (typing(el)) el.focus();
  else el.click();
}

document.addEventListener("keydown", (e) => {
  const from = e.target.closest ? e.target : document.body;
  if ((e.ctrlKey || e.metaKey) && e.key === "Enter") {
    const form = from.closest("form");
    if (form) form.requestSubmit();
    return;
  }
  if (e.ctrlKey || e.metaKey) return;
  if (e.altKey) {
    const el = pressed(withAlt(e), from);
    if (!el) return;
    e.preventDefault();
    el.click();
    return;
  }
  if (typing(from)) {
    if (e.key === "Escape") from.blur();
    return;
  }
  if (e.key === "Enter" && from.matches("[data-note]")) {
    const more = from.querySelector("[data-more]");
    if (more) more.open = !more.open;
    return;
  }
  if (e.key === "Escape") {
    const strip = document.querySelector("#whatif");
    if (strip) strip.replaceChildren();
    return;
  }
  if (e.key === " " && /^(BUTTON|SUMMARY|A)$/.test(from.tagName)) return;
  const key = spelled[e.key] || e.key.toUpperCase();
  const el = pressed(key, from);
  if (!el) return;
  e.preventDefault();
  press(el, key);
});

// The foot: each key once, those of the page before those of the frame, which are the same on every page and
// stand back where there is no room.
const roomy = 6;
function drawFoot() {
  const foot = document.querySelector("[data-foot]");
  if (!foot) return;
  for (const old of foot.querySelectorAll("[data-drawn]")) old.remove();
  const drawn = new Set();
  const all = [...document.querySelectorAll("main [data-key]"), ...document.querySelectorAll("[data-key]")];
  for (const el of all) {
    const keys = keysOf(el).filter((key) => !drawn.has(key));
    const does = el.dataset.does || el.firstChild.textContent.trim();
    el.setAttribute("aria-keyshortcuts", el.dataset.key);
    if ("shown" in el.dataset) continue; // it shows its key itself
    if (!keys.length || (foot.children.length > roomy && !el.closest("main"))) continue;
    const span = document.createElement("span");
    span.dataset.drawn = "";
    for (const key of keys) {
      drawn.add(key);
      span.append(document.createElement("kbd"), " ");
      span.lastElementChild.textContent = key.replace("+", " ");
    }
    span.append(does);
    foot.append(span);
  }
}
drawFoot();
document.addEventListener("htmx:afterSettle", drawFoot);
