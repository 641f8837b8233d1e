package review

import (
	"slices"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

func elevationGiven(b *bench) {
	if said := b.req.Recipe.Stated.Elevation; said != nil && b.req.ElevationGiven && !b.added["elevation"] && !near(said.Value, float64(b.req.Elevation), 0.05) && said.Value-float64(b.req.Elevation) != 0 {
		severity := Care
		if b.proc != nil && b.higherBand(int(said.Value+0.5)) {
			severity = Amend
		}
		b.report(Finding{Code: "altitude", Severity: severity, Line: b.lineOf(said), Do: "Which elevation is yours?", Message: sprint("The text says %s ft, this review was asked for %s ft.", comma(int(said.Value+0.5)), comma(b.req.Elevation)), Remedy: "Review it for the place where you can.", Edits: follow("elevation")})
	}
	if !b.req.ElevationGiven {
		b.report(Finding{Code: "altitude", Severity: Care, Do: "Say your elevation", Message: "Sea level is assumed. Above 1,000 ft the process is longer or takes more pressure.", Remedy: "Give your elevation in feet or metres."})
	}
}

// higherBand reports whether any of the procedure's rows asks for more at the
// elevation than at the one reviewed.
func (b *bench) higherBand(feet int) bool {
	for _, r := range b.proc.Rows {
		here, ok := r.Minutes.At(b.req.Elevation)
		there, also := r.Minutes.At(feet)
		if ok && (!also || there > here) {
			return true
		}
		if p, ok := r.PSI.At(b.req.Elevation); ok {
			if q, also := r.PSI.At(feet); !also || q > p {
				return true
			}
		}
	}
	return false
}

// methods judges every method that the cook states.
func methods(b *bench) {
	for _, m := range b.draft.methods {
		drop := dropsMethod(m.Value)
		if m.Value != procedure.Pressure && (b.proc != nil && b.proc.Acidity == "low-acid" || b.proc == nil && b.class() == "low-acid") {
			f := Finding{Code: "low-acid-in-water-bath", Severity: Amend, Line: at(m.Line), Edits: drop}
			if b.proc == nil {
				f.Do, f.Remedy = "Not in a water bath", "Freeze or refrigerate it: this mixture has no tested process, under pressure either."
			}
			b.report(f)
			continue
		}
		if b.proc == nil {
			continue
		}
		if !b.proc.Has(procedure.Filter{Method: m.Value}) {
			b.report(Finding{Code: "method-mismatch", Severity: Amend, Line: at(m.Line), Source: b.proc.Citation(), Edits: append(restate(itsMinutes, itsPSI), drop...)})
			continue
		}
		if m.Value == procedure.Steam {
			if _, err := b.proc.Find(b.req.Elevation, procedure.Filter{Method: m.Value, Jar: b.jar.Value, Pack: b.pack.Value}); err != nil {
				b.report(Finding{Code: "steam-limit", Severity: Amend, Line: at(m.Line), Edits: drop})
			}
		}
	}
}

func jars(b *bench) {
	if b.proc == nil {
		return
	}
	limit := b.proc.LargestJar()
	list := b.jars
	if b.jar.Value != "" {
		list = []recipe.Said[quantity.Jar]{b.jar}
		for _, j := range b.jars { // a jar of the text that is too large, whatever jar is at hand
			if j.Value.Larger(limit) {
				list = append(list, j)
			}
		}
	}
	smaller := false
	for _, j := range list {
		if j.Value.Larger(limit) {
			b.report(Finding{Code: "jar-size", Severity: Amend, Line: at(j.Line), Do: sprint("No larger than %s", limit.Plural()), Source: b.proc.Citation(), Edits: restate(itsJar, itsMinutes)})
			continue
		}
		if !b.hasRow(j.Value) && !smaller {
			smaller = true
			b.report(Finding{Code: "jar-size", Severity: Note, Line: at(j.Line), Do: "A smaller jar is fine", Message: "It takes the full time of the next tested size."})
		}
	}
}

// hasRow reports whether the jar itself stands in a row.
func (b *bench) hasRow(j quantity.Jar) bool {
	return slices.ContainsFunc(b.proc.Rows, func(r procedure.Row) bool { return quantity.Jar(r.Jar) == j })
}

func packs(b *bench) {
	if b.proc == nil {
		return
	}
	if b.pack.Value == "" && !b.added["hot"] && !b.proc.Has(procedure.Filter{Pack: "raw"}) {
		for _, p := range b.req.Recipe.Stated.Packs {
			if p.Value == "raw" {
				b.report(Finding{Code: "pack-style", Severity: Amend, Line: at(p.Line), Do: "Pack it hot", Message: "This food was tested hot-packed only; the temperature at the start is part of the process.", Source: b.proc.Citation(),
					Edits: follow("hot")})
				break
			}
		}
	}
	b.neverHeated()
	b.heatedShort()
	means := ""
	if len(b.draft.methods) == 1 && b.proc.Has(procedure.Filter{Method: b.draft.methods[0].Value}) {
		means = b.draft.methods[0].Value
	}
	if p := b.pack; p.Value != "" && !b.proc.Has(procedure.Filter{Pack: p.Value, Method: means}) {
		other := "hot"
		if p.Value == "hot" {
			other = "raw"
		}
		b.report(Finding{Code: "pack-style", Severity: Amend, Line: at(p.Line), Do: "Pack it " + other, Message: "This food was tested " + other + "-packed only; the temperature at the start is part of the process.", Source: b.proc.Citation(),
			Edits: restate(itsPack)})
	}
	if b.pack.Value == "raw" {
		for i := range b.items {
			if b.items[i].came("frozen") && b.role(i) == procedure.Main {
				b.ask(i, "pack-style", Finding{Do: "Frozen food goes in hot", Message: "Frozen food in a raw pack starts far colder than tested.", Edits: append(fresh(i), restate(itsPack)...)})
			}
		}
	}
}

func headspace(b *bench) {
	if b.proc == nil || b.head == nil {
		return
	}
	for _, r := range b.proc.Rows {
		if near(b.head.Value, r.HeadspaceIn, 0.01) {
			return
		}
	}
	want := quantity.Number(b.proc.Rows[0].HeadspaceIn)
	b.report(Finding{Code: "headspace", Severity: Care, Line: b.lineOf(b.head), Do: "Leave " + want + " inch", Message: sprint("The recipe says %s inch; %s inch was tested.", quantity.Number(b.head.Value), want), Remedy: "Leave " + want + " inch, and measure again once the bubbles are out.", Source: b.proc.Citation()})
}

// filter returns what the draft states about the process, as far as the
// procedure has it.
func (b *bench) filter() procedure.Filter {
	f := procedure.Filter{Jar: b.jar.Value, Pack: b.pack.Value, Gauge: b.gauge}
	if len(b.draft.methods) == 1 {
		f.Method = b.draft.methods[0].Value
	}
	if f.Pack == "" && !b.added["hot"] && b.proc.Has(procedure.Filter{Pack: "raw"}) && b.proc.Has(procedure.Filter{Pack: "hot"}) {
		if _, cold := b.filledCold(); cold {
			f.Pack = "raw"
		}
	}
	if b.soup() {
		for i := range b.items {
			if b.items[i].is("seafood") {
				f.When = "seafood"
			}
		}
	}
	return f
}

// processes returns the tested processes for the draft, none where the
// procedure has none.
func (b *bench) processes() []procedure.Process {
	if b.proc == nil || b.lookedUp {
		return b.table
	}
	b.lookedUp = true
	list := b.findAll()
	if limit := quantity.PintJar; b.soup() && b.soupJarLimit() == limit {
		list = slices.DeleteFunc(list, func(p procedure.Process) bool { return quantity.Jar(p.Jar).Larger(limit) })
	}
	b.table = list
	return list
}

// findAll looks the processes up for the jars that the draft names, or for
// every tested jar where it names none that was tested.
func (b *bench) findAll() []procedure.Process {
	f := b.filter()
	var named []procedure.Process
	if f.Jar == "" {
		for i, j := range b.jars {
			if slices.ContainsFunc(b.jars[:i], func(x recipe.Said[quantity.Jar]) bool { return x.Value == j.Value }) {
				continue
			}
			f.Jar = j.Value
			if list, err := b.proc.Find(b.req.Elevation, f); err == nil {
				named = append(named, list...)
			}
		}
		f.Jar = ""
	}
	if len(named) > 0 {
		return named
	}
	list, err := b.proc.Find(b.req.Elevation, f)
	if err != nil {
		return nil
	}
	return list
}

// statedProcess compares the minutes and pounds that the cook states with the
// rows that apply.
func statedProcess(b *bench) {
	list := b.processes()
	if len(list) == 0 {
		return
	}
	b.otherJars()
	m, hasMinutes := statedMinutes(b.draft)
	if !hasMinutes && b.psi == nil {
		return
	}
	if hasMinutes && b.bathTooShort(list) {
		return
	}
	// A figure in pounds speaks of the pressure rows only.
	if b.psi != nil {
		list = slices.DeleteFunc(slices.Clone(list), func(p procedure.Process) bool { return p.Method != procedure.Pressure })
		if len(list) == 0 {
			b.report(Finding{Code: "method-mismatch", Severity: Amend, Line: b.lineOf(b.psi), Source: b.proc.Citation(), Edits: restate(itsPSI, itsMinutes, itsMethods)})
			return
		}
	} else if hasMinutes && !slices.ContainsFunc(b.draft.methods, func(s recipe.Said[string]) bool { return s.Value == procedure.Pressure }) {
		// Minutes without pounds are no time of a pressure canner, unless one is named.
		if acid := slices.ContainsFunc(list, func(p procedure.Process) bool { return p.Method == procedure.WaterBath }); acid {
			list = slices.DeleteFunc(slices.Clone(list), func(p procedure.Process) bool { return p.Method == procedure.Pressure })
		}
	}
	if b.enough(list) {
		b.generous(list, m, hasMinutes)
		return
	}
	fix := restate(itsMinutes, itsPSI)
	// Which of the two falls short, in any jar that the cook may be using?
	timeShort, psiShort, unsaid := false, false, ""
	for jar, ok := range b.enoughByJar(list) {
		if ok || !b.namesJar(quantity.Jar(jar)) {
			continue
		}
		timeOK, psiOK := !hasMinutes, b.psi == nil
		for _, p := range list {
			if p.Jar != jar {
				continue
			}
			timeOK = timeOK || b.minutesFor(p) >= float64(p.Minutes)
			psiOK = psiOK || b.psi.Value >= float64(p.PSI)
		}
		if timeShort = timeShort || !timeOK; !timeOK {
			unsaid = jar
		}
		// Each would do with another partner: take one full row.
		psiShort = psiShort || !psiOK || timeOK
	}
	if b.lowerBand(hasMinutes) {
		line := b.lineOf(b.psi)
		if line == nil {
			line = at(m.Line)
		}
		b.report(Finding{Code: "altitude", Severity: Amend, Line: line, Do: sprint("That is for a lower elevation than %s ft", comma(b.req.Elevation)), Source: b.proc.Citation(), Edits: fix})
	}
	if psiShort {
		p := list[0]
		b.report(Finding{Code: "pressure-low", Severity: Amend, Line: b.lineOf(b.psi), Do: sprint("%d psi at %s ft", p.PSI, comma(b.req.Elevation)), Message: sprint("%s psi is not enough here: the tested pressure is %d psi (%s gauge) at %s ft.", quantity.Number(b.psi.Value), p.PSI, p.Gauge, comma(b.req.Elevation)), Source: b.proc.Citation(), Edits: fix})
	}
	if timeShort {
		p := longest(list)
		if float64(p.Minutes) <= m.Minutes && unsaid != "" { // the time of one jar is said, and another is named too
			of := slices.DeleteFunc(slices.Clone(list), func(x procedure.Process) bool { return x.Jar != unsaid })
			b.report(Finding{Code: "process-short", Severity: Amend, Line: at(m.Line), Do: sprint("Say the time for %s: %d minutes", quantity.Jar(unsaid).Plural(), longest(of).Minutes), Message: sprint("The recipe names %s too, and says no time for them.", quantity.Jar(unsaid).Plural()), Source: b.proc.Citation(), Edits: fix})
			return
		}
		b.report(Finding{Code: "process-short", Severity: Amend, Line: at(m.Line), Do: sprint("%d minutes, not %s", p.Minutes, quantity.Number(m.Minutes)), Message: sprint("For %s the tested time at %s ft is %d minutes.", quantity.Jar(p.Jar).Plural(), comma(b.req.Elevation), p.Minutes), Source: b.proc.Citation(), Edits: fix})
	}
}

// bathTooShort reports a text that names a water bath beside a pressure canner, and no time that
// does for the bath: "15 minutes in a water bath or a pressure canner".
func (b *bench) bathTooShort(list []procedure.Process) bool {
	names := func(methods ...string) bool {
		return slices.ContainsFunc(b.draft.methods, func(s recipe.Said[string]) bool { return slices.Contains(methods, s.Value) })
	}
	if !names(procedure.WaterBath, procedure.Steam) || !names(procedure.Pressure) {
		return false
	}
	least := map[string]procedure.Process{}
	for _, p := range list {
		if have, ok := least[p.Jar]; p.Method == procedure.WaterBath && b.namesJar(quantity.Jar(p.Jar)) && (!ok || p.Minutes < have.Minutes) {
			least[p.Jar] = p
		}
	}
	for _, jar := range quantity.Jars {
		p, ok := least[string(jar)]
		said := b.longestFor(jar)
		if told := b.req.Recipe.BathMinutes(); told != nil && said != nil && told.Minutes < said.Minutes {
			said = told
		}
		if !ok || said == nil || said.Minutes >= float64(p.Minutes) {
			continue
		}
		b.report(Finding{Code: "process-short", Severity: Amend, Line: at(said.Line), Do: sprint("%d minutes in the water bath, not %s", p.Minutes, quantity.Number(said.Minutes)), Message: sprint("For %s the tested time in boiling water at %s ft is %d minutes; that of a pressure canner is another.", jar.Plural(), comma(b.req.Elevation), p.Minutes), Source: b.proc.Citation(), Edits: restate(itsMinutes, itsPSI)})
		return true
	}
	return false
}

// longestFor is the longest time that the text states for the jar, nil where it states none.
func (b *bench) longestFor(jar quantity.Jar) *recipe.SaidMinutes {
	var best *recipe.SaidMinutes
	for i, m := range b.minutes {
		if (m.Jar == "" || m.Jar == jar) && (best == nil || m.Minutes > best.Minutes) {
			best = &b.minutes[i]
		}
	}
	return best
}

// otherJars reports a time that the text gives for another jar than the cook's and that
// no row for that jar reaches.
func (b *bench) otherJars() {
	if b.jar.Value == "" {
		return
	}
	for _, m := range b.minutes {
		if m.Jar == "" || m.Jar == b.jar.Value {
			continue
		}
		f := b.filter()
		f.Jar = m.Jar
		list, err := b.proc.Find(b.req.Elevation, f)
		if err != nil || len(list) == 0 {
			continue
		}
		if least := slices.MinFunc(list, func(x, y procedure.Process) int { return x.Minutes - y.Minutes }); m.Minutes < float64(least.Minutes) {
			b.report(Finding{Code: "process-short", Severity: Amend, Line: at(m.Line), Do: sprint("%d minutes for %s, not %s", least.Minutes, m.Jar.Plural(), quantity.Number(m.Minutes)), Message: sprint("For %s the tested time at %s ft is %d minutes.", m.Jar.Plural(), comma(b.req.Elevation), least.Minutes), Source: b.proc.Citation(),
				Edits: restate(itsMinutes)})
		}
	}
}

func longest(list []procedure.Process) procedure.Process {
	best := list[0]
	for _, p := range list {
		if p.Minutes > best.Minutes {
			best = p
		}
	}
	return best
}

func statedMinutes(d *draft) (recipe.SaidMinutes, bool) {
	if len(d.minutes) == 0 {
		return recipe.SaidMinutes{}, false
	}
	s := recipe.Stated{Minutes: d.minutes}
	if m, ok := s.MinutesFor(d.jar.Value); ok {
		return m, true
	}
	return d.minutes[0], true
}

// minutesFor returns the minutes stated for the process's jar.
func (b *bench) minutesFor(p procedure.Process) float64 {
	s := recipe.Stated{Minutes: b.minutes}
	if m, ok := s.MinutesFor(quantity.Jar(p.Jar)); ok {
		return m.Minutes
	}
	return 0
}

// enough reports whether, for every jar that the cook may be using, the stated
// minutes and pounds reach some tested row.
func (b *bench) enough(list []procedure.Process) bool {
	for jar, ok := range b.enoughByJar(list) {
		if !ok && b.namesJar(quantity.Jar(jar)) {
			return false
		}
	}
	return true
}

// enoughByJar says for each jar whether the stated figures reach some row.
func (b *bench) enoughByJar(list []procedure.Process) map[string]bool {
	byJar := map[string]bool{}
	for _, p := range list {
		ok := (len(b.minutes) == 0 || b.minutesFor(p) >= float64(p.Minutes)) && (b.psi == nil || b.psi.Value >= float64(p.PSI))
		byJar[p.Jar] = byJar[p.Jar] || ok
	}
	return byJar
}

// namesJar reports whether the cook may be using the jar: it is named, or none
// is, or minutes are given for it.
func (b *bench) namesJar(j quantity.Jar) bool {
	if b.jar.Value != "" {
		return b.jar.Value == j
	}
	only := false
	for _, m := range b.minutes {
		if m.Jar == j {
			return true
		}
		only = only || m.Jar != ""
	}
	if len(b.jars) == 0 {
		return !only
	}
	return slices.ContainsFunc(b.jars, func(x recipe.Said[quantity.Jar]) bool { return x.Value == j })
}

// generous notes a process that is longer or hotter than tested.
func (b *bench) generous(list []procedure.Process, m recipe.SaidMinutes, hasMinutes bool) {
	if len(b.methods) > 0 && !slices.ContainsFunc(list, func(p procedure.Process) bool { return p.Method == b.methods[0].Value }) {
		return // hours in a water bath are not held against minutes under pressure
	}
	if hasMinutes && m.Minutes > float64(longest(list).Minutes) && !b.mayNeed(m) {
		b.report(Finding{Code: "process-long", Severity: Note, Line: at(m.Line), Do: sprint("%d minutes are enough", longest(list).Minutes)})
	}
	if b.psi != nil {
		most := 0
		for _, p := range list {
			most = max(most, p.PSI)
		}
		if b.psi.Value > float64(most) {
			b.report(Finding{Code: "pressure-high", Severity: Note, Line: b.lineOf(b.psi), Do: sprint("%d psi are enough", most)})
		}
	}
}

// mayNeed reports minutes that a solid of the soup takes by itself, where nobody says that half the jar is liquid.
func (b *bench) mayNeed(m recipe.SaidMinutes) bool {
	if !b.soup() || b.halfSolids {
		return false
	}
	for i := range b.items {
		if own, _, _ := b.ownTime(i); !b.items[i].serving && float64(own) >= m.Minutes {
			return true
		}
	}
	return false
}

// lowerBand reports whether the stated figures are those of a band below the
// kitchen's.
func (b *bench) lowerBand(hasMinutes bool) bool {
	f := b.filter()
	for _, r := range b.proc.Rows {
		if f.Jar != "" && r.Jar != string(f.Jar) || f.Pack != "" && r.Pack != f.Pack || r.When != f.When || f.Gauge != "" && r.Gauge != "" && r.Gauge != f.Gauge {
			continue
		}
		if b.psi != nil && r.Method == procedure.Pressure && below(r.PSI, b.req.Elevation, b.psi.Value) {
			return true
		}
		if b.psi == nil && hasMinutes && r.Method == procedure.WaterBath {
			m, _ := statedMinutes(b.draft)
			if below(r.Minutes, b.req.Elevation, m.Minutes) {
				return true
			}
		}
	}
	return false
}

func below(bands procedure.Bands, feet int, v float64) bool {
	for _, x := range bands {
		if x.High < feet && float64(x.Value) == v {
			if now, ok := bands.At(feet); !ok || now > x.Value {
				return true
			}
		}
	}
	return false
}

// comma writes a whole number with thousands apart.
func comma(n int) string {
	if n < 0 {
		return "-" + comma(-n)
	}
	if n < 1000 {
		return sprint("%d", n)
	}
	return sprint("%d,%03d", n/1000, n%1000)
}
