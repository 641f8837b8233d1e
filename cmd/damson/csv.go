package main

import (
	"fmt"
	"io"
	"sort"
	"strconv"
	"strings"

	"damson/core/cells"
	"damson/core/review"
	"damson/knowledge"
)

// table writes a heading and rows as CSV.
func table(w io.Writer, head []string, rows [][]string) error {
	out := cells.NewWriter(w)
	for _, row := range append([][]string{head}, rows...) {
		if err := out.Write(row...); err != nil {
			return err
		}
	}
	return out.Flush()
}

// proceduresCSV writes a line for each process row of each procedure.
func proceduresCSV(w io.Writer, lib *knowledge.Library) error {
	var rows [][]string
	for _, p := range lib.Procedures.All() {
		for _, r := range p.Rows {
			minutes, _ := r.Minutes.MarshalJSON()
			psi := []byte{}
			if len(r.PSI) > 0 {
				psi, _ = r.PSI.MarshalJSON()
			}
			rows = append(rows, []string{p.ID, p.Title, p.Class, p.Acidity, r.Method, r.Gauge, r.Pack, r.Jar, r.When, number(r.HeadspaceIn), string(minutes), string(psi), r.AcidPerJar, p.Source, p.Section, strconv.FormatBool(p.FromMemory)})
		}
	}
	return table(w, []string{"procedure", "title", "class", "acidity", "method", "gauge", "pack", "jar", "when", "headspace_in", "minutes", "psi", "acid_per_jar", "source", "section", "from_memory"}, rows)
}

func foodsCSV(w io.Writer, lib *knowledge.Library) error {
	var rows [][]string
	for _, f := range lib.Foods.All() {
		low, high := "", ""
		if f.HasPH() {
			low, high = number(f.PH[0]), number(f.PH[1])
		}
		rows = append(rows, []string{f.ID, strings.Join(f.Names, "; "), f.Kind, strings.Join(f.Groups, "; "), low, high, f.AcidClass(), pairs(f.Acids), number(f.Water), pairs(f.Cup), number(f.Each), strings.Join(f.MadeOf, "; "), strings.Join(f.Hides, "; "), f.Source, strconv.FormatBool(f.FromMemory)})
	}
	return table(w, []string{"id", "names", "kind", "groups", "ph_low", "ph_high", "acid_class", "acids_g_per_100g", "water_percent", "g_per_cup", "g_each", "made_of", "hides", "source", "from_memory"}, rows)
}

func rulesCSV(w io.Writer) error {
	var rows [][]string
	for _, r := range review.Rules() {
		rows = append(rows, []string{r.Code, r.Title, r.LooksFor, r.Why, r.WayRound, r.Source})
	}
	return table(w, []string{"code", "title", "looks_for", "why", "way_round", "source"}, rows)
}

// number writes a figure without needless zeros, "" for zero.
func number(v float64) string {
	if v == 0 {
		return ""
	}
	return strconv.FormatFloat(v, 'g', -1, 64)
}

// pairs writes a map as "name figure; name figure" in the order of the names.
func pairs(m map[string]float64) string {
	var out []string
	for k, v := range m {
		out = append(out, fmt.Sprintf("%s %g", k, v))
	}
	sort.Strings(out)
	return strings.Join(out, "; ")
}
