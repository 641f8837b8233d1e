package review

import (
	"strconv"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
)

// The conditions of a source that bind like a row of its table: how large a piece may be,
// which canner, how much water.

// sizes asks about pieces larger than those that the procedure was tested with.
func sizes(b *bench) {
	if b.proc == nil || b.proc.Sizes == (procedure.Sizes{}) {
		return
	}
	limit := b.proc.Sizes
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.src == nil || b.role(i) != procedure.Main || b.added["cut"] {
			continue
		}
		told := it.src.Text
		for s := range b.steps {
			if st := &b.steps[s]; !st.Serving && !st.gone && !it.fromStep {
				told += ". " + st.Text
			}
		}
		cut := follow("cut")
		large := largeSaid.MatchString(it.src.Text)
		whole := (it.done("whole") || wholeSaid.MatchString(told) || large && anyWhole.MatchString(told)) && !cutSaid.MatchString(told)
		switch size := largestPiece(told); {
		case limit.Cut > 0 && (size > limit.Cut*slack || bigPieces.MatchString(told)):
			b.ask(i, "piece-size", Finding{Do: "Pieces of " + quantity.Number(limit.Cut) + " inch at most", Message: "Larger pieces heat more slowly than those that were tested.", Remedy: "Cut them smaller.", Source: b.proc.Citation(), Edits: cut})
		case whole && limit.NeverWhole && !smallSaid.MatchString(told):
			b.ask(i, "piece-size", Finding{Do: "Cut the " + it.name, Message: "The process was tested with pieces, not with whole ones.", Remedy: "Cut it as the procedure says.", Source: b.proc.Citation(), Edits: cut})
		case whole && limit.Whole > 0 && (large || largestWhole(told) > limit.Whole*slack):
			b.ask(i, "piece-size", Finding{Do: "Whole ones of " + quantity.Number(limit.Whole) + " inches at most", Message: "Larger whole ones heat more slowly than those that were tested.", Remedy: "Cut the large ones.", Source: b.proc.Citation(), Edits: cut})
		}
	}
}

var (
	pieceSize = pattern.MustCompile(`(?i)([\d½¼¾⅓⅔][\d ./½¼¾⅓⅔]*|\b(?:one|two|three|four|half)\b(?: and a half)?)(?:[ -]*(?:to|or|–|-)[ -]*([\d½¼¾][\d ./½¼¾]*|two|three|four))?[ -]*(?:an? )?(inch(?:es)?|in\.?|["”]|cm|centimet(?:er|re)s?)[ -]*(?:wide |thick |long |square |big )?(?:slices?|wedges?|cubes?|chunks?|pieces?|dice|blocks?|hunks?|lumps?)\b`)
	wholeSize = pattern.MustCompile(`(?i)([\d½¼¾][\d ./½¼¾]*)(?:[ -]*(?:to|or|–|-)[ -]*([\d½¼¾][\d ./½¼¾]*))?[ -]*(inch(?:es)?|in\.?|["”]|cm)[ -]*(?:in diameter|across|thick|whole|\pL+ whole|or so across)`)
	wholeSaid = pattern.MustCompile(`(?i)\b(?:leave|keep|left|kept|can|pack|put)\w* (?:(?:it|them|the \pL+|in) )?whole\b|\bwhole ones\b`)
	anyWhole  = pattern.MustCompile(`(?i)\bwhole\b`)
	bigPieces = pattern.MustCompile(`(?i)\b(?:large|big|huge|great) (?:chunks?|pieces?|cubes?|hunks?|wedges?|lumps?)\b`)
	cutSaid   = pattern.MustCompile(`(?i)\b(?:cubes?|cubed|diced?|slices?|sliced|chunks?)\b`)
	smallSaid = pattern.MustCompile(`(?i)\b(?:baby|small|tiny|little|finger)\b`)
	largeSaid = pattern.MustCompile(`(?i)\b(?:large|big|huge|jumbo|great)\b`)
)

// largestPiece returns the edge of the largest piece that the text names, in inches.
func largestPiece(text string) float64 { return largest(pieceSize, text) }

// largestWhole returns the diameter of the largest whole one that the text names.
func largestWhole(text string) float64 { return largest(wholeSize, text) }

func largest(of *pattern.Pattern, text string) float64 {
	most := 0.0
	for _, m := range of.FindAllStringSubmatch(text, -1) {
		for _, figure := range m[1:3] {
			v := inchesOf(figure)
			if strings.HasPrefix(strings.ToLower(m[3]), "c") {
				v /= 2.54
			}
			most = max(most, v)
		}
	}
	return most
}

// inchesOf reads "1 1/2", "1½" or "2".
func inchesOf(figure string) float64 {
	v, n := english.Number(words.Split(strings.TrimSpace(figure)), 0)
	if n == 0 {
		v, _ = strconv.ParseFloat(strings.TrimSpace(figure), 64)
	}
	return v
}

// cannerAsked compares what the text says of the canner with what the procedure asks of it.
func cannerAsked(b *bench) {
	if b.proc == nil || b.proc.Canner == (procedure.Canner{}) {
		return
	}
	asks := b.proc.Canner
	for t := range b.course {
		if t.c.Kind == method.Talk && !t.c.Untouched() || t.c.Kind == method.Serve || t.c.Negated {
			continue
		}
		text := strings.ToLower(t.c.Text)
		line := b.steps[t.s].No
		fix := follow("canner")
		if m := cannerSize.FindStringSubmatch(text); m != nil && asks.MinQuarts > 0 && !b.added["canner"] {
			if v := inchesOf(m[1] + m[2]); v < asks.MinQuarts || v > asks.MaxQuarts {
				b.report(Finding{Code: "cooker-not-canner", Severity: Amend, Line: at(line), Ingredient: t.c.Text, Do: sprint("A canner of %s to %s quarts", quantity.Number(asks.MinQuarts), quantity.Number(asks.MaxQuarts)), Message: "The time rests on how long a canner of that size takes to heat and to cool.", Remedy: "Use one of that size.", Source: b.proc.Citation(), Edits: fix})
			}
		}
		if asks.WaterQuarts > 0 && !b.added["canner"] && (t.filled || strings.Contains(text, "canner")) && wrongWater(text, asks.WaterQuarts) {
			b.report(Finding{Code: "canner-water", Severity: Amend, Line: at(line), Ingredient: t.c.Text, Do: quantity.Number(asks.WaterQuarts) + " quarts of water in the canner", Message: "The water decides how long the canner takes to heat, which is part of this process.", Remedy: "Measure it, whatever the marks on the canner say.", Source: b.proc.Citation(), Edits: fix})
		}
	}
}

// wrongWater reports whether the words put another measure of water in the canner.
func wrongWater(text string, quarts float64) bool {
	m := cannerWater.FindStringSubmatch(text)
	if m == nil || strings.Contains(text, "over the") || strings.Contains(text, "of boiling water over") {
		return false
	}
	v := inchesOf(m[1])
	switch {
	case strings.HasPrefix(m[2], "in") || m[2] == `"`:
		return true // inches are no measure of it
	case strings.HasPrefix(m[2], "l"):
		v /= 0.946
	case strings.HasPrefix(m[2], "gal"):
		v *= 4
	}
	return !near(v, quarts, 0.08)
}

var (
	cannerSize  = pattern.MustCompile(`(?i)\b([\d]+(?:\.\d)?)[ -]*(?:quart|qt)s?\.?[ -]*(?:pressure )?canner|\bcanner (?:of|that holds|holding) (\d+) (?:quarts|qts?)\b`)
	cannerWater = pattern.MustCompile(`(?i)\b([\d½¼¾][\d ./½¼¾]*) ?(quarts?|qts?\.?|inch(?:es)?|in\.|"|lit(?:er|re)s?|l|gallons?) (?:of )?(?:cool |cold |hot |warm |tap |simmering )*water\b`)
)
