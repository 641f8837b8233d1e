// A slider says its share as it moves.
document.addEventListener("input", (e) => {
  if (e.target.matches("[data-slider]")) e.target.parentElement.querySelector("output").value = e.target.value;
});
