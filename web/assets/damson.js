"use strict";
{
// Mending: what is changed in the reading goes back into the pasted text, at
// the words that gave it; the text is then read anew. The steps can be undone.
document.addEventListener("alpine:init", () => {
  window.Alpine.data("intake", () => ({
    past: [],
    nothing: true,
    focusNext: null,

    init() {
      document.body.addEventListener("htmx:afterSwap", (e) => {
        if (e.target === this.$refs.reading) this.settle();
      });
      this.takeDrops();
    },

    // Words put beside others keep a blank between.
    put(line, start, end, words) {
      const before = line.slice(0, start), after = line.slice(end);
      const left = before && !/\s$/.test(before) && words ? " " : "";
      const right = after && !/^[\s,;)]/.test(after) && words ? " " : "";
      return (before + left + words + right + after).replace(/\s+$/, "");
    },
    // reform takes the words of form and state out, wherever they stand, and
    // puts others at the end.
    reform(line, spans, words) {
      for (const span of spans.split(",").reverse()) {
        const [start, end, part] = span.split(" ");
        if (part === "form") line = line.slice(0, Number(start)) + line.slice(Number(end));
      }
      line = line.replace(/\s{2,}/g, " ").replace(/,\s*(?:&|and)\s/g, ", ").replace(/(?:\s*(?:,|&|\band))+\s*$/, "");
      return words ? line + ", " + words : line;
    },
    // write puts a new text in place and has it read; focus says where to go.
    write(text, focus) {
      const area = this.$refs.text;
      if (text === area.value) return;
      this.past.push(area.value);
      this.nothing = false;
      area.value = text;
      this.focusNext = focus;
      area.dispatchEvent(new Event("mended"));
    },
    line(no, change, focus) {
      const lines = this.$refs.text.value.split("\n");
      lines[no - 1] = change(lines[no - 1]);
      this.write(lines.join("\n"), focus);
    },
    takeBack() {
      if (!this.past.length) return;
      this.$refs.text.value = this.past.pop();
      this.nothing = !this.past.length;
      this.$refs.text.dispatchEvent(new Event("mended"));
    },

    // A cell becomes a field when it is entered, and words again when left.
    entered(e) {
      this.show(e);
      const cell = e.target;
      if (cell.tagName === "INPUT" || !cell.dataset.part) return;
      const field = document.createElement("input");
      Object.assign(field.dataset, cell.dataset);
      field.value = field.defaultValue = cell.textContent;
      field.maxLength = 120;
      field.setAttribute("aria-label", `${cell.dataset.part}, line ${cell.dataset.line}`);
      cell.tabIndex = -1;
      cell.replaceChildren(field);
      field.focus();
      field.select();
    },
    left(e) {
      const cell = e.target.parentNode;
      if (e.target.tagName !== "INPUT" || !cell || !cell.dataset.part) return;
      cell.tabIndex = 0;
      cell.replaceChildren(e.target.value);
    },

    changed(e) {
      const el = e.target, d = el.dataset;
      if (!d.part) return;
      const key = (x) => `[data-part="${x.dataset.part}"][data-line="${x.dataset.line}"]`;
      const at = document.activeElement;
      const words = el.value.trim();
      const write = {
        line: () => el.value,
        form: (line) => this.reform(line, el.closest("tr").dataset.spans || "", words),
      }[d.part] || ((line) => this.put(line, Number(d.start), Number(d.end), words));
      this.line(Number(d.line), write,
        key(at && at.dataset.part ? at : el));
    },
    clicked(e) {
      const b = e.target.closest("button");
      if (!b) return;
      const d = b.dataset;
      if (d.near) this.line(Number(d.line), (line) => this.put(line, Number(d.start), Number(d.end), d.near), "next");
      if (d.accept) this.line(Number(d.accept), () => d.text, "next");
      if (d.whole) {
        this.openLine(d.whole, b.closest("tr"));
      }
    },
    // openLine puts the whole line below its row, to be mended as written.
    openLine(no, row) {
      let input = this.$refs.reading.querySelector(`.wholeline[data-line="${no}"]`);
      if (!input) {
        input = document.createElement("input");
        input.className = "wholeline";
        input.value = this.$refs.text.value.split("\n")[no - 1];
        input.maxLength = 400;
        input.dataset.part = "line";
        input.dataset.line = no;
        input.setAttribute("aria-label", `Line ${no}, as written`);
        const below = row.parentNode.insertBefore(document.createElement("tr"), row.nextSibling);
        below.className = "say";
        below.dataset.wholerow = no;
        below.insertCell();
        const cell = below.insertCell();
        cell.colSpan = 4;
        cell.append(input);
      }
      input.focus();
    },
    keyed(e) {
      if (!e.target.dataset.part || e.key !== "Enter" || e.altKey || e.ctrlKey || e.metaKey) return;
      e.preventDefault(); // Enter takes the cell; it does not send the recipe
      e.target.dispatchEvent(new Event("change", { bubbles: true }));
    },
    // What the keys with Alt do to the line of the cell that the cursor stands in.
    here() {
      const cell = document.activeElement;
      return cell && this.$refs.reading.contains(cell) && cell.dataset.part ? cell : null;
    },
    split() {
      const cell = this.here();
      if (!cell || cell.dataset.part !== "line") return;
      const at = cell.selectionStart, v = cell.value;
      this.line(Number(cell.dataset.line), () => v.slice(0, at).trimEnd() + "\n" + v.slice(at).trimStart(), "next");
    },
    heading() {
      const cell = this.here();
      if (cell) this.line(Number(cell.dataset.line), (line) => line.trim().replace(/[:\s]*$/, "") + ":", "next");
    },
    aside() {
      const cell = this.here();
      if (cell) this.note(Number(cell.dataset.line));
    },
    // A note goes below the recipe, where its words are still judged.
    note(no) {
      const lines = this.$refs.text.value.split("\n");
      const [line] = lines.splice(no - 1, 1);
      if (!lines.some((l) => /^notes:?$/i.test(l.trim()))) lines.push("", "Notes:");
      lines.push(line.trim());
      this.write(lines.join("\n"), "next");
    },
    next() {
      const rows = [...this.$refs.reading.querySelectorAll("tr.unclear[data-row], tr.unknown[data-row], tr.guess[data-row]")];
      const here = document.activeElement.closest("tr");
      const no = here ? Number(here.dataset.row || here.dataset.wholerow || 0) : 0;
      const row = rows.find((r) => Number(r.dataset.row) > no) || rows[0];
      const cell = row && row.querySelector("[data-part]");
      if (!cell) return;
      cell.focus();
      row.scrollIntoView({ block: "nearest" });
    },
    // accept takes the guess at hand, or the first one.
    accept() {
      const here = document.activeElement.closest("tr");
      const no = here && (here.dataset.row || here.dataset.wholerow);
      const all = "[data-accept]";
      const b = this.$refs.reading.querySelector(no ? `[data-accept="${no}"]` : all) || this.$refs.reading.querySelector(all);
      if (b) b.click();
    },
    settle() {
      const at = this.focusNext;
      this.focusNext = null;
      if (at === "next") return this.next();
      const el = at && this.$refs.reading.querySelector(at);
      if (el) el.focus();
    },

    // Which words gave what: the line at hand stands above the table.
    show(e) {
      const row = e.target.closest("tr[data-spans]");
      const source = this.$refs.reading.querySelector("[data-source]");
      if (!source || !row || !row.dataset.spans) return;
      const line = this.$refs.text.value.split("\n")[Number(row.dataset.row) - 1] || "";
      const words = [];
      let at = 0;
      for (const span of row.dataset.spans.split(",")) {
        const [start, end, part] = span.split(" ");
        words.push(line.slice(at, Number(start)));
        const gave = document.createElement("span");
        const said = gave.appendChild(document.createElement("b"));
        const what = gave.appendChild(document.createElement("i"));
        gave.className = "gave" + (part === e.target.dataset.part ? " at" : "");
        said.textContent = line.slice(Number(start), Number(end));
        what.textContent = part;
        words.push(gave);
        at = Number(end);
      }
      source.replaceChildren(...words, line.slice(at));
    },

    // A file dropped anywhere goes the way of the button.
    takeDrops() {
      const input = document.querySelector("[data-drop] input[type=file]");
      if (!input) return;
      const hasFile = (e) => e.dataTransfer && [...e.dataTransfer.types].includes("Files");
      document.addEventListener("dragover", (e) => { if (hasFile(e)) e.preventDefault(); });
      document.addEventListener("drop", (e) => {
        if (!hasFile(e)) return;
        e.preventDefault();
        input.files = e.dataTransfer.files;
        input.form.requestSubmit();
      });
    },
  }));
});
}
{
// The margin: each note stands beside its line; where two would overlap the
// lower one moves down and its leader bends.
const wide = window.matchMedia("(min-width: 1100px)");
const svgNS = "http://www.w3.org/2000/svg";

function layMargin() {
  const card = document.querySelector("[data-card]");
  const leaders = document.querySelector("[data-leaders]");
  if (!card || !leaders) return;
  const notes = [...card.querySelectorAll("[data-note]")];
  leaders.replaceChildren();
  card.style.minHeight = "";
  if (!wide.matches) {
    notes.forEach((n) => (n.style.top = ""));
    return;
  }
  const box = card.getBoundingClientRect();
  const gap = 7;
  // Where each note would like to stand: level with its line.
  const rows = notes.map((n) => {
    const line = n.closest("[data-line]");
    const words = [...line.querySelectorAll(".word")];
    const target = words.find((w) => /\bis-(stop|change|care|note)\b/.test(w.className)) || line;
    const r = target.getBoundingClientRect();
    const y = (target === line ? line.getBoundingClientRect().top + 16 : r.top + Math.min(r.height, 24) / 2) - box.top;
    return { note: n, y, height: n.offsetHeight, top: y - 12 };
  });
  let floor = 8;
  for (const r of rows) {
    r.top = Math.max(r.top, floor);
    floor = r.top + r.height + gap;
  }
  // Pull the column up again as far as the lines allow, last note first.
  const room = Math.max(box.height, floor);
  let ceiling = room;
  for (const r of [...rows].reverse()) {
    r.top = Math.min(r.top, ceiling - r.height - gap);
    ceiling = r.top;
  }
  for (const r of rows) r.note.style.top = r.top + "px";
  card.style.minHeight = room + "px";
  leaders.setAttribute("height", room);
  for (const r of rows) {
    const path = document.createElementNS(svgNS, "path");
    const to = r.top + 12;
    path.setAttribute("d", Math.abs(to - r.y) < 3 ? `M0 ${r.y} H26` : `M0 ${r.y} H8 L18 ${to} H26`);
    path.setAttribute("class", ["stop", "change", "care", "note"].find((c) => r.note.classList.contains(c)) || "note");
    leaders.append(path);
    if (r.note.classList.contains("stop")) {
      const twin = path.cloneNode();
      twin.setAttribute("transform", "translate(0 4)");
      leaders.append(twin);
    }
  }
}
layMargin();
wide.addEventListener("change", layMargin);
window.addEventListener("resize", layMargin);
document.addEventListener("htmx:afterSettle", layMargin);
document.addEventListener("toggle", layMargin, true); // a note that is opened takes more room
if (document.fonts && document.fonts.ready) document.fonts.ready.then(layMargin);
}
{
// The day: a piece is dragged, or moved by the arrow keys; the server lays the
// day out again.
function movePiece(piece, minutes, task) {
  const chart = piece.closest("[data-chart]");
  if (!minutes || !chart) return;
  htmx.ajax("POST", `/plan/${chart.dataset.plan}/move`, { target: "#day", swap: "innerHTML", values: { piece: piece.dataset.piece, minutes } }).then(() => {
    const again = [...document.querySelectorAll("[data-task][tabindex]")].find((p) => p.dataset.task === task);
    if (again) again.focus();
  });
}
document.addEventListener("keydown", (e) => {
  if (!e.target.matches || !e.target.matches("[data-piece]") || (e.key !== "ArrowLeft" && e.key !== "ArrowRight")) return;
  e.preventDefault();
  movePiece(e.target, (e.key === "ArrowLeft" ? -1 : 1) * (e.shiftKey ? 1 : 5), e.target.dataset.task);
});
// What a piece is stands under the chart while it is looked at.
function sayPiece(e) {
  const piece = e.target.closest && e.target.closest("[data-piece]");
  const line = piece && piece.closest("#day").querySelector("[data-chart-says]");
  if (line) line.textContent = piece.querySelector("title").textContent;
}
document.addEventListener("focusin", sayPiece);
document.addEventListener("pointerover", sayPiece);
document.addEventListener("pointerdown", (e) => {
  const piece = e.target.closest && e.target.closest("[data-piece]");
  if (!piece) return;
  const chart = piece.closest("[data-chart]");
  const perMinute = chart.dataset.permin * chart.getBoundingClientRect().width / chart.viewBox.baseVal.width;
  const all = [...chart.querySelectorAll("[data-piece]")].filter((p) => p.dataset.piece === piece.dataset.piece);
  const from = e.clientX;
  const by = (x) => Math.round((x - from) / perMinute);
  const move = (m) => all.forEach((p) => p.setAttribute("transform", `translate(${by(m.clientX) * chart.dataset.permin} 0)`));
  const up = (m) => {
    document.removeEventListener("pointermove", move);
    document.removeEventListener("pointerup", up);
    movePiece(piece, by(m.clientX), piece.dataset.task);
  };
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", up);
});
}
{
// A slider says its share as it moves.
document.addEventListener("input", (e) => {
  if (e.target.matches("[data-slider]")) e.target.parentElement.querySelector("output").value = e.target.value;
});
}
{
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
}
