package review

import (
	"strings"

	"damson/core/quantity"
)

// conditions writes the sizes, the canner and its water as the procedure has them, where the
// recipe says otherwise.
func (w *rewrite) conditions() {
	p := w.was.proc
	if p == nil {
		return
	}
	for i, row := range w.rows {
		is := row
		if w.puts("cut") && p.Sizes.Cut > 0 {
			is = cutTo(is, p.Sizes.Cut)
		}
		if w.puts("cut") && p.Sizes.NeverWhole {
			is = anyWhole.ReplaceAllString(is, "sliced")
		} else if w.puts("cut") && p.Sizes.Whole > 0 && anyWhole.MatchString(strings.Join(w.rows, "\n")) {
			is = largeSaid.ReplaceAllString(is, "small")
		}
		if w.puts("canner") && p.Canner.WaterQuarts > 0 && w.was.wrongWater(strings.ToLower(is), p.Canner.WaterQuarts) {
			is = cannerWater.ReplaceAllString(is, quantity.Number(p.Canner.WaterQuarts)+" quarts of water")
		}
		if w.puts("canner") && p.Canner.MinQuarts > 0 {
			is = cannerSize.ReplaceAllString(is, quantity.Number(p.Canner.MinQuarts)+"- to "+quantity.Number(p.Canner.MaxQuarts)+"-quart pressure canner")
		}
		if is != row {
			w.rows[i], w.reasons[is] = is, "As tested: "+p.Title
		}
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
