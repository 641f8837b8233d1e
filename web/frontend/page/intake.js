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
