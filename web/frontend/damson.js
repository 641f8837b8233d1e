// Damson's own script: keys, mending a line in place, and the margin of the
// review. Everything works without it; it only saves steps.
(() => {
  "use strict";

  // Mending: a line changed in the reading goes back into the pasted text.
  document.addEventListener("alpine:init", () => {
    window.Alpine.data("paste", () => ({
      mend(event) {
        const no = Number(event.target.dataset.line);
        const area = this.$refs.text;
        if (!no || !area) return;
        const lines = area.value.split("\n");
        lines[no - 1] = event.target.value;
        area.value = lines.join("\n");
        area.dispatchEvent(new Event("mended"));
      },
    }));
  });

  // The margin: each note stands beside its line; where two would overlap the
  // lower one moves down and its leader bends.
  const card = document.querySelector("[data-card]");
  const leaders = document.querySelector("[data-leaders]");
  const wide = window.matchMedia("(min-width: 1100px)");
  const svgNS = "http://www.w3.org/2000/svg";

  function layMargin() {
    if (!card || !leaders) return;
    const notes = [...card.querySelectorAll("[data-note]")];
    leaders.replaceChildren();
    card.style.minHeight = "";
    if (!wide.matches) {
      notes.forEach((n) => (n.style.top = ""));
      return;
    }
    const box = card.getBoundingClientRect();
    const gap = 10;
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
  if (document.fonts && document.fonts.ready) document.fonts.ready.then(layMargin);

  // Keys. A key pressed while typing is only a letter.
  function step(list, by) {
    if (!list.length) return;
    const at = list.indexOf(document.activeElement);
    const next = at < 0 ? (by > 0 ? 0 : list.length - 1) : (at + by + list.length) % list.length;
    list[next].focus();
    list[next].scrollIntoView({ block: "nearest" });
  }
  document.addEventListener("keydown", (e) => {
    if ((e.ctrlKey || e.metaKey) && e.key === "Enter") {
      const form = e.target.closest && e.target.closest("form");
      if (form) form.requestSubmit();
      return;
    }
    if (e.ctrlKey || e.metaKey || e.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)) return;
    const steps = [...document.querySelectorAll("[data-step], [data-note]")];
    const edit = document.querySelector("[data-edit]");
    const search = document.querySelector("[data-search]");
    const check = document.querySelector("[data-check]");
    switch (e.key) {
      case "j": case "J": step(steps, 1); break;
      case "k": case "K": step(steps, -1); break;
      case "n": case "N": location.assign("/new"); break;
      case "d": case "D": location.assign("/"); break;
      case "e": case "E": if (edit) location.assign(edit.href); break;
      case "c": case "C": if (check) location.assign(check.href); break;
      case "p": case "P": window.print(); break;
      case "/": if (search) { e.preventDefault(); search.focus(); } break;
    }
  });
})();
