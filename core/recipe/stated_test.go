package recipe_test

import (
	"fmt"
	"sort"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

// What the text of a recipe says of its own process, in the words that people
// write: minutes by jar, pounds, venting, headspace, jars. The sentences are
// made up.
func TestStatedFacts(t *testing.T) {
	for text, want := range map[string]string{
		// Minutes, and which jars they belong to.
		"Process 20 minutes in a boiling water bath.":                                "20",
		"Process pints 75 minutes and quarts 90 minutes.":                            "pint 75, quart 90",
		"Process pints 30, quarts 35.":                                               "pint 30, quart 35",
		"Process half-pints or pints 10 minutes.":                                    "half-pint 10, pint 10",
		"Fill half-pints or pints and process 10 minutes in a water bath.":           "half-pint 10, pint 10",
		"Process 20 minutes for pints or quarts.":                                    "pint 20, quart 20",
		"Process 20 minutes for pints, quarts 25 minutes.":                           "pint 20, quart 25",
		"Process 20 minutes for pints and 25 minutes for quarts.":                    "pint 20, quart 25",
		"Process pints 70 minutes quarts 90 at 11 lbs.":                              "pint 70, quart 90, 11 psi",
		"Pints 60 minutes quarts 70 at 10 psi.":                                      "pint 60, quart 70, 10 psi",
		"Pack into pints or quarts and process pints 40 minutes, quarts 50 minutes.": "pint 40, quart 50",
		"Pressure can 1 hour and 15 minutes at 13 pounds.":                           "75, 13 psi",
		"Pressure can for an hour and a half at 10 pounds pressure.":                 "90, 10 psi",
		"Process 85 to 90 minutes.":                                                  "85",
		"Water bath 1 hr.":                                                           "60",
		"Process in a boiling water canner for 10 min.":                              "10",
		// What is no process.
		"Boil 5 minutes.":                                 "",
		"Soak 12 hours.":                                  "",
		"Simmer 20 minutes, then fill pints.":             "",
		"Roast 45 minutes in the oven.":                   "",
		"Let stand 5 minutes before you open the canner.": "",
		"Blanch the beans 3 minutes, pack, and process 20 minutes at 11 pounds.": "20, 11 psi",
		"Boil hard 1 minute, ladle into half-pints and process 10 minutes.":      "half-pint 10",
		// Venting.
		"Vent the canner 10 minutes, then process 25 minutes at 13 psi.": "25, 13 psi, vent 10",
		"Exhaust for 7 minutes before you put the weight on.":            "vent 7",
		// Pounds of food are no pressure.
		"Process 20 pounds of tomatoes at a time.":              "",
		"Add 2 pounds carrots and process 25 minutes at 10 lb.": "25, 10 psi",
		// Headspace.
		"Leave 1/2 inch headspace.":          "headspace 0.5",
		"Leave a headspace of 1 1/4 inches.": "headspace 1.25",
		"Fill to within 1 inch of the top.":  "headspace 1",
		// Jars as jars, and as measures.
		"Add 3 quarts of water.":                       "",
		"Mix 3 quarts cold water and the salt.":        "",
		"Fill into quart jars.":                        "jar quart",
		"Pack into 500 ml jars.":                       "jar pint",
		"Ladle into half-pint jars and wipe the rims.": "jar half-pint",
	} {
		t.Run(strings.ReplaceAll(text, "/", "_"), func(t *testing.T) {
			rec, err := reader.Text("Garden pot\n3 lb plums\nwater\n" + text)
			require.NoError(t, err)
			s := &rec.Stated
			var parts []string
			for _, m := range s.Minutes {
				parts = append(parts, strings.TrimSpace(fmt.Sprintf("%s %g", m.Jar, m.Minutes)))
			}
			sort.SliceStable(parts, func(i, j int) bool { return len(parts[i]) > len(parts[j]) && strings.HasPrefix(parts[i], "half") })
			if s.PSI != nil {
				parts = append(parts, fmt.Sprintf("%g psi", s.PSI.Value))
			}
			if s.Vent != nil {
				parts = append(parts, fmt.Sprintf("vent %g", s.Vent.Value))
			}
			if s.Headspace != nil {
				parts = append(parts, fmt.Sprintf("headspace %g", s.Headspace.Value))
			}
			if len(s.Minutes) == 0 && len(s.Jars) == 1 && strings.Contains(want, "jar") {
				parts = append(parts, "jar "+string(s.Jars[0].Value))
			}
			require.Equal(t, want, strings.Join(parts, ", "))
			if want == "" {
				require.Empty(t, s.Minutes)
				if strings.Contains(text, "water") {
					require.Empty(t, s.Jars, "a measure is no jar")
				}
			}
		})
	}
}

// The time that counts is the shortest stated for the jar, or for any.
func TestMinutesForListedJars(t *testing.T) {
	rec, err := reader.Text("Plums\n3 lb plums\nPack half-pints or pints and process 20 minutes; quarts 25 minutes.")
	require.NoError(t, err)
	for jar, want := range map[string]float64{"half-pint": 20, "pint": 20, "quart": 25} {
		m, ok := rec.Stated.MinutesFor(jarNamed(t, jar))
		require.True(t, ok, jar)
		require.Equal(t, want, m.Minutes, jar)
	}
}

func jarNamed(t *testing.T, name string) quantity.Jar {
	j, ok := quantity.ParseJar(name)
	require.True(t, ok)
	return j
}

// Of two elevations the higher is taken: it asks for more.
func TestTwoElevations(t *testing.T) {
	for _, text := range []string{
		"We live at eight thousand feet. Process 15 minutes at our 1,500 ft.",
		"15 minutes here at 1,500 ft, says the card. We are at 8,000 ft.",
	} {
		rec, err := reader.Text("Apples\n\n9 lb apples\n\n" + text)
		require.NoError(t, err)
		require.NotNil(t, rec.Stated.Elevation, text)
		require.InDelta(t, 8000, rec.Stated.Elevation.Value, 1, text)
	}
}
