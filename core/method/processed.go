package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// A sentence that tells the process is believed only where every word of it belongs to one:
// the jars, the time, the pressure, the boiling water, the height above the sea. A word
// beside them may take some of it back: "in hot tap water", "up to", "on low".

// besideProcess reports a word in the telling of a process that is none of a process's.
func (p *passage) besideProcess(acts []Act) (string, string) {
	if !p.at.Filled || p.at.Done || p.hasClass(Cloth) || p.negated() && p.limit() == "" || !p.processes(acts) {
		return "", ""
	}
	switch p.limit() {
	case "more", "longer", "over", "above", "higher", "beyond":
		if p.onlyFigure() {
			return "process-short", "a process with a limit"
		}
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.low == "off" && p.hasClass(Weight):
			return "pressure-low", "the weight is off"
		case p.aboutSoMuch(i), w.low == "or" && p.word(i+1) == "so":
			return "process-short", "about so much"
		case p.c.nums[i] > 0 && w.m == 0 && p.word(i-1) == "or" && !p.jarAt(i+1):
			return "process-short", "another figure"
		case w.Kind != words.Word || w.m != 0 || p.c.nums[i] > 0 || i > 0 && p.c.nums[i-1] > 1 || processClass[w.class] || ofProcess[w.low]:
		case p.limits(i) || i > 0 && p.limits(i-1) || i > 1 && p.limits(i-2):
		default:
			return "process-short", "a word beside the process"
		}
	}
	return "", ""
}

// aboutSoMuch reports a figure that is only a bound: "up to 20 minutes", "under 10 pounds".
func (p *passage) aboutSoMuch(i int) bool {
	if i+1 >= len(p.c.t) || p.c.nums[i+1] == 0 || i > 0 && negators[p.word(i-1)] || p.heightAt(i+1) {
		return false
	}
	switch p.word(i) {
	case "below":
		return true
	case "under":
		return !p.says("pressure")
	case "to":
		return p.word(i-1) == "up"
	}
	return false
}

// heightAt reports a height above the sea at word i: "up to 1,000 feet".
func (p *passage) heightAt(i int) bool {
	return slices.ContainsFunc(p.c.m, func(m english.Measure) bool {
		return m.Kind == english.Height && m.Start <= i && i < m.End && m.Max >= 500
	})
}

// heightOrLess reports heights for which a time is meant: "altitudes of 1,000 feet or less".
func (p *passage) heightOrLess() bool {
	for i := 1; i+1 < len(p.c.t); i++ {
		if p.word(i) == "or" && (p.word(i+1) == "less" || p.word(i+1) == "lower") {
			return p.heightAt(i-1) && !p.c.measured(english.Duration)
		}
	}
	return false
}

// onlyFigure reports whether there is no third figure: a ceiling beside the tested pressure is
// none of the process.
func (p *passage) onlyFigure() bool {
	n := 0
	for i := range p.c.t {
		if p.c.nums[i] > 0 {
			n++
		}
	}
	return n < 3
}

// jarAt reports whether the word at i is a jar.
func (p *passage) jarAt(i int) bool {
	return i < len(p.c.t) && (p.c.t[i].class == Jar || p.c.t[i].class == FullJar)
}

// processes reports an act that is the process, with its time.
func (p *passage) processes(acts []Act) bool {
	for _, a := range acts {
		switch a.Name {
		case "process", "pressure-process", "boil-bath", "steam-canner":
			if !a.Undone && a.Minutes > 0 {
				return true
			}
		}
	}
	return false
}

var processClass = map[Class]bool{Jar: true, FullJar: true, Canner: true, Clock: true, Pressure: true, Gauge: true, Weight: true, Water: true, Steam: true, Person: true}

var ofProcess = set(`a an the this that these those it its it's they them 'em em their our my your his her us me i we you she he and or then for of in at on to by with from so because
	has have had itself cap very out clock sterilise sterilize
	process processed processes processing can canned canning boil boiled boils boiling bath bathe water-bath waterbath cook cooked cooking filled closed sealed hold keep kept give given gives get gets got run runs ran take takes took need needs want wants say says time timed is are was were be do does did must go goes went make
	minute minutes min mins hour hours hr hrs pound pounds lb lbs psi kpa pressure altitude altitudes elevation elevations height feet foot ft meter meters metre metres metre level sea live high up here down there where
	pint pints pt pts quart quarts qt qts half half-pint half-pints litre litres liter liters oz ounce ounces jar jars size sizes same both either all each every whole exactly full fully good solid rolling steady hard gentle brisk constant least no less never than not under short proper proper real
	dial weighted gauge weight canner bath water steam steady vent vented venting after first before once when returns returned comes reaches reached back again start starts starting begin counting count counted covered over above tops lids lid inch inches deep
	always did immediately now next nice well straight please sirs ma'am dear love
	recommended tested book table chart says per according as required directed
	kettle pot stockpot copper batch load rack bottom method atmospheric bathing place put set leave lower
	more extra longer another yes right ok okay just only`)

// anotherFigure reports a bare number behind a process in the same sentence that is less than
// its time and stands for no jar: "process 15 minutes, or 10 if pressed".
func (p *passage) anotherFigure([]Act) (string, string) {
	if p.before == nil || !p.at.Filled || !p.before.measured(english.Duration) {
		return "", ""
	}
	if p.says("including", "inclusive of", "counting the", "minus", "less the") && p.says("heating", "heat", "warming", "coming", "boil", "come") {
		return "process-short", "counted from something else"
	}
	if p.c.joint != "or" && p.word(0) != "or" || len(p.c.m) > 0 || !p.c.hasNumber() || p.hasClass(Jar) || p.hasClass(FullJar) {
		return "", ""
	}
	return "process-short", "another figure"
}

// letsDrop reports a pressure that falls while nothing is done: "if it drops, carry on".
func (p *passage) letsDrop([]Act) (string, string) {
	if p.before == nil || p.before.kind != condition && p.before.kind != moment || !p.before.hasAny([]string{"drops", "drop", "falls", "dips", "sinks", "goes down", "slips", "loses pressure", "stops boiling", "goes off the boil", "stops jiggling", "stops rocking"}) {
		return "", ""
	}
	if p.says("carry on", "keep going", "go on", "ignore it", "ignore that", "never mind", "no matter", "don't worry", "do not worry", "let it", "add a few", "add a minute", "add a couple", "add five", "leave it", "make it up", "count on", "do nothing", "shrug", "it will come back", "it'll come back") {
		return "process-short", "a drop that is let be"
	}
	return "", ""
}

// coldWater reports cold water among the jars while they are processed.
func (p *passage) coldWater([]Act) (string, string) {
	during := p.at.Filled && !p.at.Done || p.before != nil && p.before.measured(english.Duration) && p.says("adding", "topping", "pouring")
	if during && !p.negated() && p.says("cold water", "cool water", "tap water") && (p.puts() || p.says("adding", "topping", "pouring")) && !p.hasClass(Cloth) && !p.says("rinse", "wash", "start", "fill the canner") {
		return "process-short", "cold water in the canner"
	}
	return "", ""
}
