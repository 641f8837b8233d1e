package recipe

import (
	"damson/core/quantity"
	"damson/core/words"
)

// Share is what goes into one jar.
type Share struct {
	Amount quantity.Amount
	// Per names the jar.
	Per string
}

// InJar is the line by what each jar gets, where it gives that beside the whole and it is what makes the
// jar acid; the line itself else. Of all else the whole holds.
func (l *Line) InJar() *Line {
	if l.Share == nil || !l.Ref.In("bottled-citrus", "citrus-juice", "citric-acid") {
		return l
	}
	jar := *l
	jar.AmountMin, jar.AmountMax = &l.Share.Amount.Min, &l.Share.Amount.Max
	jar.Unit, jar.Per = l.Share.Amount.Unit, l.Share.Per
	return &jar
}

// share reads what goes into one jar of an amount that the line begins with, where "per pint" stands
// at t[i:j]: "14 heads dill (1 1/2 heads per pint)", "½ cup juice (for each quart 2 Tbsp)". It stands at
// t[from:to], its mark included; from is -1 where there is none.
func (p *lineParser) share(i, j int) (from, to int, share quantity.Amount) {
	from = i - 1
	for from >= 0 && p.t[from].Kind != words.Mark {
		from--
	}
	if from < 0 || p.l.AmountMin == nil || p.text(from) == "/" {
		return -1, 0, share
	}
	at := from + 1
	if at == i {
		at = j
	}
	v, n, err := number(p.t, at)
	if n == 0 || err != nil || v <= 0 {
		return -1, 0, share
	}
	k, unit, scale := at+n, quantity.Each, 1.0
	if u := unitAt(p.t, k); u.n > 0 {
		k, unit, scale = k+u.n, u.unit, u.scale
	}
	if at < i && k != i || at == j && k < len(p.t) && p.t[k].Kind != words.Mark {
		return -1, 0, share
	}
	if unit == quantity.Each {
		unit = p.l.Unit // "8 cloves garlic, 1 per jar"
	}
	return from, max(j, k), quantity.Amount{Min: v * scale, Max: v * scale, Unit: unit}
}
