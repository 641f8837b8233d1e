package review

import (
	"slices"
	"strings"

	"damson/core/quantity"
)

// conditions writes the sizes, the canner and its water as the procedure has them, in the
// line or the clause that says otherwise and nowhere else.
func (w *rewrite) conditions() {
	if w.was.proc == nil {
		return
	}
	if w.puts("cut") {
		w.cutSmaller()
	}
	if w.puts("leaflet") {
		w.byLeaflet()
	}
	if !w.puts("canner") {
		return
	}
	asks := w.was.proc.Canner
	for _, f := range w.made {
		switch f.Code {
		case "canner-water":
			w.inClause(f, cannerWater.ReplaceAllString(f.Ingredient, quantity.Number(asks.WaterQuarts)+" quarts of water"))
		case "cooker-not-canner":
			w.inClause(f, cannerSize.ReplaceAllString(f.Ingredient, quantity.Number(asks.MinQuarts)+"- to "+quantity.Number(asks.MaxQuarts)+"-quart pressure canner"))
		}
	}
}

// byLeaflet writes behind the pectin whose directions are followed.
func (w *rewrite) byLeaflet() {
	for _, f := range w.made {
		if f.Line != nil && *f.Line >= 1 && *f.Line <= len(w.rows) && slices.ContainsFunc(f.Edits,
			func(e Edit) bool { return e.To == "leaflet" }) {
			w.row(*f.Line-1, strings.TrimRight(w.rows[*f.Line-1], " .;,")+byLeaflet)
		}
	}
}

// inClause puts other words in the place of the clause that the finding is about.
func (w *rewrite) inClause(f Finding, is string) {
	if f.Line != nil && *f.Line >= 1 && *f.Line <= len(w.rows) {
		w.row(*f.Line-1, strings.Replace(w.rows[*f.Line-1], f.Ingredient, is, 1))
	}
}

// cutSmaller writes the sizes of the main food as tested: in its line, and in sentences what
// tells of its pieces.
func (w *rewrite) cutSmaller() {
	limit := w.was.proc.Sizes
	for i, row := range w.rows {
		is := row
		if limit.Cut > 0 {
			is = cutTo(is, limit.Cut)
		}
		switch main := w.was.items[w.was.main].line == i+1; {
		case main && limit.NeverWhole:
			is = anyWhole.ReplaceAllString(is, "sliced")
		case limit.NeverWhole:
			is = wholeSaid.ReplaceAllStringFunc(is, func(s string) string { return anyWhole.ReplaceAllString(s, "in slices") })
		case main && limit.Whole > 0:
			is = largeSaid.ReplaceAllString(is, "small")
		}
		w.row(i, is)
	}
}

// row puts the text in the place of row i, with the reason.
func (w *rewrite) row(i int, is string) {
	if is != w.rows[i] {
		w.rows[i], w.reasons[is] = is, "As tested: "+w.was.proc.Title
	}
}

// cutTo writes pieces that are too large as those of the limit, in inches.
func cutTo(row string, limit float64) string {
	m := pieceSize.FindStringSubmatchIndex(row)
	if m == nil || largestPiece(row) <= limit*slack {
		return row
	}
	figures := row[m[2]:m[7]] // from the first figure to the unit
	return strings.Replace(row, figures, quantity.Number(limit)+"-inch", 1)
}
