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
