package book_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/book"
	"damson/core/printed"
	"damson/core/procedure"
)

// columns are those of knowledge/pressures.yaml that the cases need (USDA Complete Guide 2015,
// process tables, from memory).
func columns(gauge string, pounds int) procedure.Bands {
	labels, figures := procedure.DialColumns, map[int]string{11: "11/12/13/14", 6: "6/7/8/9"}[pounds]
	if gauge == "weighted" {
		labels, figures = procedure.WeightedColumns, map[int]string{10: "10/15", 5: "5/10"}[pounds]
	}
	if figures == "" {
		return nil
	}
	b, _ := procedure.Figures(figures, false, labels)
	return b
}

func written(r book.Row) string {
	s := fmt.Sprintf("%s %s %s %s", r.Method, r.Gauge, r.Jar, r.Minutes.Written(procedure.BathColumns3, procedure.BathColumns4))
	if len(r.PSI) > 0 {
		s += " at " + r.PSI.Written(procedure.DialColumns, procedure.WeightedColumns)
	}
	return strings.Join(strings.Fields(s), " ")
}

// TestRows: the ways in which books and cards print a process.
func TestRows(t *testing.T) {
	t.Parallel()
	for text, want := range map[string][]string{
		"Process pints 75 minutes and quarts 90 minutes at 10 lb, weighted gauge, or 11 lb, dial gauge.":                                                                                                        {"pressure dial pint 75 at 11/12/13/14", "pressure weighted pint 75 at 10/15", "pressure dial quart 90 at 11/12/13/14", "pressure weighted quart 90 at 10/15"},
		"Vent 10 minutes, then process pints 20 minutes at 10 pounds, weighted gauge.":                                                                                                                          {"pressure weighted pint 20 at 10/15"},
		"Let the steam out for 10 minutes. Process quarts 25 minutes at 10 lb, weighted gauge.":                                                                                                                 {"pressure weighted quart 25 at 10/15"},
		"After 10 minutes of steady steam put the weight on. Pints 20 minutes at 10 lb.":                                                                                                                        {"pressure weighted pint 20 at 10/15"},
		"Vent 10 minutes, then 20 minutes at 13 pounds on the dial, pints.":                                                                                                                                     {"pressure dial pint 20 at 0-1000: 13"},
		"Cover with boiling water. Process pints 20 minutes at 11 lb, dial gauge.":                                                                                                                              {"pressure dial pint 20 at 11/12/13/14"},
		"Process pints 10 minutes in a steam canner or a boiling water bath.":                                                                                                                                   {"water-bath pint 0-1000: 10"},
		"pints 75, quarts 90, 10 lb weighted / 11 lb dial":                                                                                                                                                      {"pressure dial pint 75 at 11/12/13/14", "pressure weighted pint 75 at 10/15", "pressure dial quart 90 at 11/12/13/14", "pressure weighted quart 90 at 10/15"},
		"Pressure can at 11 pounds (dial-gauge canner) or 10 pounds (weighted): pints 60 minutes, quarts 75 minutes.":                                                                                           {"pressure dial pint 60 at 11/12/13/14", "pressure weighted pint 60 at 10/15", "pressure dial quart 75 at 11/12/13/14", "pressure weighted quart 75 at 10/15"},
		"Process half-pints and pints 10 minutes in a boiling water bath (15 minutes at 1,001 to 6,000 ft, 20 minutes above 6,000 ft).":                                                                         {"water-bath half-pint 10/15/20", "water-bath pint 10/15/20"},
		"Process in a boiling water bath: pints 15 minutes, quarts 20 minutes.":                                                                                                                                 {"water-bath pint 0-1000: 15", "water-bath quart 0-1000: 20"},
		"Process half-pints in a boiling-water canner 5 minutes at 0-1,000 ft, 10 minutes at 1,001-6,000 ft, 15 minutes above 6,000 ft.":                                                                        {"water-bath half-pint 5/10/15"},
		"Boiling water bath.\n0-1,000 ft   1,001-3,000 ft   3,001-6,000 ft   above 6,000 ft\nPints 20 25 30 35\nQuarts 25 30 35 40":                                                                             {"water-bath pint 20/25/30/35", "water-bath quart 25/30/35/40"},
		"Process pints in a boiling water bath 20 minutes. Add 5 minutes for 1,001 to 3,000 ft, 10 minutes for 3,001 to 6,000 ft, 15 minutes above 6,000 ft.":                                                   {"water-bath pint 20/25/30/35"},
		"Process in a water bath canner 20 minutes for pints. From 1,001 to 6,000 ft add 5 minutes, above 6,000 ft add 10 minutes.":                                                                             {"water-bath pint 20/25/30"},
		"Half-pints 15 min (0-1000 ft) 20 min (1001-6000 ft) 25 min (over 6000 ft), boiling water bath":                                                                                                         {"water-bath half-pint 15/20/25"},
		"Process 1 hour 15 minutes at 10 psi in pints, weighted gauge.":                                                                                                                                         {"pressure weighted pint 75 at 10/15"},
		"Process pints 40 minutes at 15 pounds, weighted gauge.":                                                                                                                                                {"pressure weighted pint 40 at 0-1000: 15"},
		"Process 20 minutes for pints, 25 minutes for quarts in a boiling water bath.":                                                                                                                          {"water-bath pint 0-1000: 20", "water-bath quart 0-1000: 25"},
		"Pressure canner, 10 lb weighted: 55 min for pints and 1 hour 25 min for quarts":                                                                                                                        {"pressure weighted pint 55 at 10/15", "pressure weighted quart 85 at 10/15"},
		"Process pints 75 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft, 13 lb at 4,001 to 6,000 ft.":                                                                                   {"pressure dial pint 75 at 0-2000: 11, 2001-4000: 12, 4001-6000: 13"},
		"Process quarts 90 minutes. Dial gauge: 11 psi at 0-2,000 ft, 12 psi at 2,001-4,000 ft, 13 psi at 4,001-6,000 ft, 14 psi at 6,001-8,000 ft. Weighted gauge: 10 psi to 1,000 ft, 15 psi above 1,000 ft.": {"pressure dial quart 90 at 11/12/13/14", "pressure weighted quart 90 at 10/15"},
		"Boil in a water bath canner: pints 20 minutes at sea level; add 5 minutes at 1,001 ft, 10 minutes at 3,001 ft and 15 minutes at 6,001 ft.":                                                             {"water-bath pint 20/25/30/35"},
		"Process quarts 25 minutes in a boiling water bath (add 5 minutes for 1,001 to 3,000 ft, 10 for 3,001 to 6,000 ft, 15 above 6,000 ft).":                                                                 {"water-bath quart 25/30/35/40"},
		"Process quarts in a boiling water bath for 25 minutes. At 1,001-3,000 ft, 30 minutes. At 3,001-6,000 ft, 35 minutes. Above 6,000 ft, 40 minutes.":                                                      {"water-bath quart 25/30/35/40"},
		"Process in a boiling water bath: quarts 25 minutes to 1,000 feet, 30 minutes from 1,001 to 3,000 feet, 35 minutes from 3,001 to 6,000 feet, 40 minutes over 6,000 feet.":                               {"water-bath quart 25/30/35/40"},
		"Boiling water bath, pints: 20 minutes up to 1,000 feet, 25 minutes up to 3,000 feet, 30 minutes up to 6,000 feet.":                                                                                     {"water-bath pint 0-1000: 20, 1001-3000: 25, 3001-6000: 30"},
		"Process pints in a boiling water bath 20 minutes at 1,001 to 6,000 ft, 25 minutes above 6,000 ft.":                                                                                                     nil,
		"Process quarts 25 minutes in a boiling water bath, at 1,001 to 3,000 ft 30 minutes, at 3,001 to 6,000 ft 35 minutes.":                                                                                  {"water-bath quart 0-1000: 25, 1001-3000: 30, 3001-6000: 35"},
		"Process pints 75 minutes in a pressure canner, dial gauge 12 lb at 2,001 to 4,000 ft, 13 lb at 4,001 to 6,000 ft.":                                                                                     {"pressure pint 75"},
		"Process pints in a boiling water bath 20 minutes to 1,000 ft, 35 minutes above 6,000 ft.":                                                                                                              {"water-bath pint 0-1000: 20"},
		"Leave 1 inch headspace in the pints. Simmer 2 quarts of broth 30 minutes.":                                                                                                                             nil,
		"Add 2 lb onions and 5 lb carrots; boil 5 minutes.":                                                                                                                                                     nil,
	} {
		var sentences []printed.Sentence
		for i, s := range strings.FieldsFunc(strings.ReplaceAll(text, ". ", ".\n"), func(r rune) bool { return r == '\n' }) {
			sentences = append(sentences, printed.Sentence{Line: i + 1, Text: s})
		}
		var got []string
		for _, r := range book.Rows(printed.Read(sentences), columns) {
			got = append(got, written(r))
		}
		require.ElementsMatch(t, want, got, text)
	}
}
