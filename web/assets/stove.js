// The page at the stove: its clocks, its keys, its sound. What is told goes to the server;
// here is only what a page does between two answers.
(() => {
  "use strict";
  const board = () => document.querySelector("[data-board]");

  // A clock is reckoned from the times that the server wrote, never counted: a tablet that
  // slept shows the right minute when it wakes.
  const begun = new WeakMap();
  const rung = new WeakSet();
  function digits(ms) {
    const s = Math.max(0, Math.round(ms / 1000));
    return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, "0")}`;
  }
  function tick() {
    for (const el of document.querySelectorAll("[data-clock]")) {
      if (!begun.has(el)) begun.set(el, performance.now());
      const d = el.dataset;
      const now = Number(d.now) + (performance.now() - begun.get(el)) * Number(d.speed);
      const down = "down" in d;
      el.textContent = digits(down ? Number(d.clock) - now : now - Number(d.clock));
      if (down && now >= Number(d.clock) && !rung.has(el)) {
        rung.add(el);
        if (board()) htmx.trigger(board(), "again");
      }
    }
    call();
  }

  // The alarm: a sound once somebody has allowed it, the title, and the line that stands in the page.
  const title = document.title;
  let sound = null, last = 0;
  function call() {
    const station = document.querySelector("[data-alarm]");
    const flip = Math.floor(performance.now() / 1000) % 2 === 0;
    document.title = station && flip ? `Now: ${station.dataset.alarm}` : title;
    if (station && sound && performance.now() - last > 2500) {
      last = performance.now();
      beep();
    }
  }
  function beep() {
    [0, 0.22].forEach((at, i) => {
      const tone = sound.createOscillator(), loud = sound.createGain();
      tone.frequency.value = i ? 880 : 660;
      loud.gain.setValueAtTime(0.25, sound.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + at + 0.2);
      tone.connect(loud).connect(sound.destination);
      tone.start(sound.currentTime + at);
      tone.stop(sound.currentTime + at + 0.21);
    });
  }
  document.addEventListener("click", (e) => {
    const b = e.target.closest && e.target.closest("[data-sound]");
    if (!b) return;
    if (sound) {
      sound.close();
      sound = null;
    } else {
      sound = new AudioContext();
      beep();
    }
    b.setAttribute("aria-pressed", String(sound !== null));
    b.firstChild.textContent = sound ? "Sound is on " : "Sound is off ";
  });

  // What was typed stays through a new board, and goes once it is stored: from the field as it stands by then, since
  // another board may have come between, and only if nobody typed on.
  const sent = new WeakMap();
  document.addEventListener("htmx:beforeRequest", (e) => {
    const fields = [...e.detail.elt.querySelectorAll("[hx-preserve]")];
    sent.set(e.detail.xhr, fields.map((f) => [f.id, f.value]));
  });
  document.addEventListener("htmx:beforeSwap", (e) => {
    if (!e.detail.xhr.getResponseHeader("X-Told")) return;
    for (const [id, value] of sent.get(e.detail.xhr) || []) {
      const field = document.getElementById(id);
      if (field && field.value === value) field.value = "";
    }
  });

  // What is told on another screen, or measured by a logger, comes at once; what is told here
  // comes with its own answer.
  let telling = 0;
  const tells = (e) => e.detail.requestConfig.verb === "post";
  document.addEventListener("htmx:beforeRequest", (e) => { if (tells(e)) telling++; });
  document.addEventListener("htmx:afterRequest", (e) => { if (tells(e)) telling--; });
  if (board()) {
    new EventSource("/stove/stream").addEventListener("told", () => {
      if (board() && telling === 0) htmx.trigger(board(), "again");
    });
  }

  // No answer from Damson: it says so, and the clocks go on.
  let heard = new Date();
  const lost = (on) => {
    const el = document.querySelector("[data-lost]");
    if (!el) return;
    el.hidden = !on;
    if (on) el.querySelector("time").textContent = heard.toTimeString().slice(0, 5);
  };
  for (const name of ["htmx:sendError", "htmx:timeout", "htmx:responseError"]) document.addEventListener(name, () => lost(true));
  document.addEventListener("htmx:afterOnLoad", () => { heard = new Date(); lost(false); });

  setInterval(tick, 200);
  tick();
})();
