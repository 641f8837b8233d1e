package method

// Acid that is left to liking, to taste or to the fruit: "add the lemon juice if needed", "water
// and, if desired, lemon juice", "vinegar to taste". Where it makes the jar safe it is never so.

// acidLeftOpen reports acid of the clause that may go in or not.
func (p *passage) acidLeftOpen() bool {
	if !p.at.Method || p.at.Done || p.negated() || p.third() && !p.ourBatch() || p.c.unit().hasAny(freeAcid) {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.class != Acid || w.inner || i > 0 && (p.word(i-1) == "more" || p.word(i-1) == "extra") {
			continue
		}
		g := p.c.begin + i
		if p.openedBefore(g) || p.openedBehind(g) {
			return true
		}
	}
	return false
}

// acidAtRisk reports acid that may stay out, or of which a part waits for the table, and asks about it.
func (p *passage) acidAtRisk(got *Clause) bool {
	why := ""
	switch {
	case got.Kind != Serve && p.acidLeftOpen():
		why = "acid left to liking"
	case got.Kind == Serve && p.acidParted():
		why = "a part of the acid at the table"
	default:
		return false
	}
	got.Kind, got.Code, got.Why = Unread, "no-acid-added", why
	return true
}

// freeAcid are words beside acid that is not what makes the jar safe, or is told by its measure.
var freeAcid = []string{"brown", "browning", "darken", "darkening", "discolor", "discoloring", "discoloration",
	"color", "colour", "dip", "instead", "in place of", "rim", "rims", "canner", "to cover", "headspace", "hard water",
	"soak", "rinse", "wash", "must", "required", "not optional", "more sugar", "pectin"}

// openedBefore reports "if desired," before the acid at g of the sentence.
func (p *passage) openedBefore(g int) bool {
	all := p.c.all
	k := g - 1
	for k >= 0 && (determiners[all[k].low] || all[k].Text == "bottled") {
		k--
	}
	if k >= 0 && all[k].isVerb && all[k].verb == "add" {
		k--
	}
	if k < 1 || all[k].Text != "," && all[k].Text != ":" {
		return false
	}
	return atWish[all[k-1].low] || all[k-1].low == "optional"
}

// openedBehind reports words behind the acid at g that leave it open, before anything else is named.
func (p *passage) openedBehind(g int) bool {
	all := p.c.all
	for k := g + 1; k < len(all) && k <= g+9; k++ {
		w := &all[k]
		low := func(n int) string {
			if k+n < len(all) {
				return all[k+n].low
			}
			return ""
		}
		switch {
		case w.inner:
		case w.Text == ".", w.Text == ";", w.food != nil, stuff[w.class], w.low == "and", w.low == "then":
			return false
		case w.low == "optional", w.low == "to" && low(1) == "taste", w.low == "as" && (atWish[low(1)] ||
			low(1) == "you" && low(2) == "like"):
			return true
		case w.low == "if":
			return atWish[low(1)] || low(1) == "using" || p.sourOrSweet(k+1)
		case mayBe[w.low] && low(1) == "be" && putIn[low(2)]:
			return true
		}
	}
	return false
}

// sourOrSweet reports a condition about how the food tastes, from k on: "if your tomatoes are sweet".
func (p *passage) sourOrSweet(k int) bool {
	for end := min(len(p.c.all), k+8); k < end && p.c.all[k].Text != "." && p.c.all[k].Text != ","; k++ {
		if tastes[p.c.all[k].low] {
			return true
		}
	}
	return false
}

var (
	mayBe  = set("may can could")
	putIn  = set("added put")
	atWish = set("desired needed necessary wanted liked wished preferred required")
	tastes = set("sweet sweeter ripe overripe mild flat bland yellow low tart sour dull")
)
