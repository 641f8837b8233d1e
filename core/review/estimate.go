package review

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/acidity"
	"damson/core/quantity"
)

// Samples is how many random recipes an estimate draws where its distribution
// is shown.
const Samples = 10000

// Seed makes an estimate the same every time.
const Seed = 46

// WithAcidity gives the reviewer what foods hold, so that it can estimate a
// mixture's pH, and returns it.
func (e *Reviewer) WithAcidity(t *acidity.Table) *Reviewer {
	e.acidity = t
	return e
}

// Estimate returns where the recipe's mixture stands against pH 4.6, with so
// many random draws. It never bears on the verdict.
func (e *Reviewer) Estimate(req Request, draws int) acidity.Estimate {
	m, missing, notes := e.Mixture(req)
	est := m.Estimate(draws, Seed, missing)
	est.Notes = append(est.Notes, notes...)
	return est
}

// Mixture lays the recipe out for the estimate of its pH: what goes into the
// jar, with ranges. missing are the ingredients that have no figures, notes say
// what was assumed.
func (e *Reviewer) Mixture(req Request) (m *acidity.Mixture, missing []acidity.Missing, notes []string) {
	d := newDraft(e, req)
	m = &acidity.Mixture{}
	kilos, covering, soaked := 0.0, []int(nil), 0.0
	var doses []int
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.choice || it.drained {
			continue
		}
		if it.ref == nil {
			missing = append(missing, acidity.Missing{Food: it.called(), Line: it.line, Why: "Damson does not know this food"})
			continue
		}
		if it.is("alkali") && d.rinses() {
			notes = append(notes, "The "+it.name+" is rinsed out and not counted; what stays in the pieces nobody knows, and it would raise the pH.")
			continue
		}
		grams, ok := it.grams()
		if !ok {
			if c, known := it.cups(); known {
				grams, ok = c*240, true
			}
		}
		p := e.acidity.Of(it.ref)
		switch {
		case it.src != nil && it.src.Per != "" && ok:
			doses = append(doses, i)
			continue
		case it.is("water", "broth") && !ok:
			if p != nil && !it.fromStep || d.covers(it) {
				covering = append(covering, i)
			}
			continue
		case !ok && (p != nil && p.ID == "inert" || it.is("salt", "sugar", "firming", "antibrowning", "honey") || it.minor && !it.is("vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "fresh-citrus", "citric-acid", "alkali")):
			continue // a matter of taste, too little to move the mixture
		case !ok:
			missing = append(missing, acidity.Missing{Food: it.name, Line: it.line, Why: "no amount that can be measured"})
			continue
		case p == nil:
			missing = append(missing, acidity.Missing{Food: it.name, Line: it.line, Why: "no figures for what it holds"})
			continue
		case it.is("weak-vinegar") && it.ref.Acids["acetic"] == 0 && it.strength() == 0:
			missing = append(missing, acidity.Missing{Food: it.name, Line: it.line, Why: "nobody knows how strong it is"})
			continue
		}
		kg := grams / 1000
		m.Parts = append(m.Parts, e.part(it, p, it.massSpan(kg)))
		if it.is("dry-bean") && it.done("soaked") {
			soaked += kg
		}
		if !it.is("water", "vinegar", "broth") {
			kilos += kg
		}
	}
	if soaked > 0 {
		m.Parts = append(m.Parts, e.water("water taken up in soaking", acidity.Around(soaked, 1, 1.5)))
		kilos += soaked
	}
	if d.kind == "ferment" || d.did("ferment") {
		missing = append(missing, acidity.Missing{Food: "the acid of the ferment", Why: "nobody can foretell how much of it forms; measure it"})
	}
	for _, i := range doses {
		it := &d.items[i]
		p := e.acidity.Of(it.ref)
		grams, _ := it.grams()
		if p == nil || kilos == 0 {
			missing = append(missing, acidity.Missing{Food: it.name, Line: it.line, Why: "its amount is by the jar, and the batch is not known"})
			continue
		}
		jar, ok := quantity.ParseJar(it.src.Per)
		if !ok {
			jar = d.jar.Value
		}
		if jar == "" {
			jar = quantity.QuartJar // the larger jar: the weaker dose
		}
		jars := kilos / (kgPerQuart * jar.Ounces() / quantity.QuartJar.Ounces())
		m.Parts = append(m.Parts, e.part(it, p, acidity.Around(grams/1000*jars, 0.9, 1.1)))
		if part := &m.Parts[len(m.Parts)-1]; part.Added {
			notes = append(notes, fmt.Sprintf("The dose of %s on line %d is counted for %.1f %s jars, a quart for 3 lb of food.", it.name, it.line, jars, jar))
		}
	}
	for _, i := range covering {
		it := &d.items[i]
		if p := e.acidity.Of(it.ref); p != nil && kilos > 0 {
			m.Parts = append(m.Parts, e.part(it, p, acidity.Span{Low: 0, Mid: coverShare * kilos, High: 2 * coverShare * kilos}))
			notes = append(notes, "The "+it.name+" has no amount: up to "+quantity.Number(float64(int(200*coverShare)))+" % of the food's weight taken.")
		}
	}
	if slices.ContainsFunc(m.Parts, func(p acidity.Part) bool { return p.Added }) && !d.did("puree", "crush") {
		notes = append(notes, "It holds for the jar at rest: pieces take 24 hours and more to come even with their liquid.")
	}
	return m, missing, notes
}

const (
	// kgPerQuart is the food as bought for a quart jar: 3 lb, as for whole
	// tomatoes (USDA Complete Guide 2015, guide 3, from memory). More food to a
	// dose of acid errs to the safe side.
	kgPerQuart = 1.36
	// coverShare is the covering liquid against the food, by weight, where the
	// recipe gives none (common practice, no source).
	coverShare = 0.35
)

func (e *Reviewer) part(it *item, p *acidity.Profile, mass acidity.Span) acidity.Part {
	part := acidity.NewPart(it.ref, p, mass, it.strength())
	part.Name, part.Line = it.name, it.line
	return part
}

func (e *Reviewer) water(name string, mass acidity.Span) acidity.Part {
	f := e.cat.ByID("water")
	part := acidity.NewPart(f, e.acidity.Of(f), mass, 0)
	part.Name = name
	return part
}

// called is its name, or its place where nobody can tell what it names.
func (it *item) called() string {
	if it.name == "" {
		return fmt.Sprintf("what line %d says", it.line)
	}
	return it.name
}

// strength returns the percent of acid on the label, 0 where none is given.
func (it *item) strength() float64 {
	if it.src == nil || it.src.Acidity == nil {
		return 0
	}
	return *it.src.Acidity
}

// massSpan is how far a kitchen's amount may be off: weights by 5 %, volumes by
// 10 %, counts by 20 %; a range that the recipe gives widens it.
func (it *item) massSpan(kg float64) acidity.Span {
	off := 0.2
	switch it.amount.Unit.Dimension() {
	case quantity.Mass:
		off = 0.05
	case quantity.Volume:
		off = 0.10
	}
	s := acidity.Around(kg, 1-off, 1+off)
	if it.amount.Max > 0 && it.amount.Min < it.amount.Max {
		s.Low = kg * it.amount.Min / it.amount.Max * (1 - off)
		s.Mid = kg * (it.amount.Min + it.amount.Max) / 2 / it.amount.Max
	}
	return s
}

// rinses reports whether the method rinses the food.
func (d *draft) rinses() bool {
	for i := range d.steps {
		if s := &d.steps[i]; !s.Serving && s.says("rinse") {
			return true
		}
	}
	return false
}

// covers reports whether the method covers the food with the liquid.
func (d *draft) covers(it *item) bool {
	for i := range d.steps {
		s := &d.steps[i]
		if !s.Serving && s.No == it.line && containsAny(s.Text, "cover", "fill") && !strings.Contains(strings.ToLower(s.Text), "canner") {
			return true
		}
	}
	return false
}
