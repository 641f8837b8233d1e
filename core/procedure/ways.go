package procedure

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/quantity"
)

// Way is one way to process: rows of one method and gauge that differ in nothing but
// the jar and the pack.
type Way struct {
	Process
	Jars, Packs []string
}

// Ways folds processes that differ only in jar and pack into one, in their order: first
// the packs of a jar, then jars that have the same packs. Every jar of a way goes with every
// pack of it.
func Ways(list []Process) []Way {
	var jars []Way
	for _, p := range list {
		k := slices.IndexFunc(jars, func(w Way) bool { return w.alike(p) && w.Jar == p.Jar })
		if k < 0 {
			jars, k = append(jars, Way{Process: p, Jars: []string{p.Jar}}), len(jars)
		}
		if w := &jars[k]; !slices.Contains(w.Packs, p.Pack) {
			w.Packs = append(w.Packs, p.Pack)
		}
	}
	var out []Way
	for _, w := range jars {
		k := slices.IndexFunc(out, func(o Way) bool { return o.alike(w.Process) && samePacks(o.Packs, w.Packs) })
		if k < 0 {
			out = append(out, w)
		} else {
			out[k].Jars = append(out[k].Jars, w.Jar)
		}
	}
	return out
}

// alike reports whether the way and the process differ in jar and pack at most.
func (w *Way) alike(p Process) bool {
	return w.Method == p.Method && w.Gauge == p.Gauge && w.Minutes == p.Minutes && w.PSI == p.PSI && w.HeadspaceIn == p.HeadspaceIn &&
		w.AcidPerJar == p.AcidPerJar && w.When == p.When && slices.Equal(w.Conditions, p.Conditions)
}

func samePacks(a, b []string) bool {
	return len(a) == len(b) && !slices.ContainsFunc(a, func(p string) bool { return !slices.Contains(b, p) })
}

var methodNames = map[string]string{WaterBath: "water bath", Steam: "steam canner", Pressure: "pressure canner"}

// String writes the process in one line for people: "pressure canner, quarts, hot pack:
// 25 min at 13 psi, dial gauge".
func (p Process) String() string { return Ways([]Process{p})[0].process() }

// String writes the way in one line, with all that it is safe by: the headspace, and the
// acid in each jar.
func (w Way) String() string {
	s := w.process() + "; headspace " + quantity.Number(w.HeadspaceIn) + " in"
	if w.AcidPerJar != "" {
		s += "; in each jar " + w.AcidPerJar
	}
	for _, c := range w.Conditions {
		s += "; " + c
	}
	return s
}

func (w Way) process() string {
	var jars []string
	for _, j := range w.Jars {
		jars = append(jars, quantity.Jar(j).Plural())
	}
	s := fmt.Sprintf("%s, %s, %s pack: %d min", methodNames[w.Method], strings.Join(jars, " or "), strings.Join(w.Packs, " or "), w.Minutes)
	if w.Method == Pressure {
		s += fmt.Sprintf(" at %d psi, %s gauge", w.PSI, w.Gauge)
	}
	return s
}

// firstMethods has the method that most kitchens would take first: where the food is
// acid enough for boiling water, that; a steam canner only where nothing else is left.
var firstMethods = []string{WaterBath, Pressure, Steam}

// Recommend splits processes in the ways to show first, one for each jar and gauge, and
// those that are tested too: another method, another pack, other pounds. Both keep their
// order. Which of several tested ways comes first is a matter of convenience, not of
// safety (common practice, no source).
func Recommend(list []Process) (first, rest []Way) {
	ways := Ways(list)
	method := ""
	for _, m := range firstMethods {
		if method == "" && slices.ContainsFunc(ways, func(w Way) bool { return w.Method == m }) {
			method = m
		}
	}
	type place struct{ jar, gauge string }
	taken := map[place]bool{}
	for _, w := range ways {
		shows := false
		for _, jar := range w.Jars {
			if at := (place{jar, w.Gauge}); w.Method == method && !taken[at] {
				taken[at], shows = true, true
			}
		}
		if shows {
			first = append(first, w)
		} else {
			rest = append(rest, w)
		}
	}
	return first, rest
}
