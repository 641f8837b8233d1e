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
