package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
)

// peachesWith is a recipe that is right but for what it says of its process. Peaches, hot pack,
// quarts: 25, 30, 35, 40 minutes at 1,000, 3,000, 6,000 ft and above (USDA Complete Guide 2015,
// guide 2, Peaches, from memory).
func peachesWith(process string) string {
	return "Yellow peaches in syrup\n\n17 1/2 lb yellow peaches, peeled, halved, pitted\n9 cups water\n2 1/4 cups sugar\n\n" +
		"Make the syrup and bring it to a boil. Put the peaches in, bring back to a boil and pack hot in quarts, 1/2 inch headspace.\n" + process + "\n"
}

func reviewedAt(t *testing.T, text string, feet int) review.Result {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, Elevation: feet, ElevationGiven: true})
}

// TestTimesByElevation: a recipe that prints its table is right wherever the table is.
func TestTimesByElevation(t *testing.T) {
	t.Parallel()
	for _, process := range []string{
		"Process quarts 25 minutes in a boiling water bath (30 minutes at 1,001 to 3,000 ft, 35 minutes at 3,001 to 6,000 ft, 40 minutes above 6,000 ft).",
		"Process in a boiling water bath: quarts 25 minutes to 1,000 feet, 30 minutes from 1,001 to 3,000 feet, 35 minutes from 3,001 to 6,000 feet, 40 minutes over 6,000 feet.",
		"Process quarts in a boiling water bath for 25 minutes. At 1,001-3,000 ft, 30 minutes. At 3,001-6,000 ft, 35 minutes. Above 6,000 ft, 40 minutes.",
		"Process quarts in a boiling water bath for 25 minutes at sea level; add 5 minutes at 1,001 ft, 10 minutes at 3,001 ft and 15 minutes at 6,001 ft.",
		"Process quarts 25 minutes in a boiling water bath (add 5 minutes for 1,001 to 3,000 ft, 10 for 3,001 to 6,000 ft, 15 above 6,000 ft).",
		"Process quarts 25 minutes in a boiling water bath, at 1,001 to 3,000 ft 30 minutes, at 3,001 to 6,000 ft 35 minutes, above 6,000 ft 40 minutes.",
	} {
		for _, feet := range []int{0, 900, 2500, 5240, 7000} {
			res := reviewedAt(t, peachesWith(process), feet)
			require.Equal(t, review.Clear, res.Verdict, "%d ft: %s: %v", feet, process, res.Findings)
		}
	}
}

// TestNotTheTable: a table that stops, is wrong, or is only talked about sets no time.
func TestNotTheTable(t *testing.T) {
	t.Parallel()
	for _, process := range []string{
		"Process quarts 25 minutes in a boiling water bath.",
		"Process quarts 25 minutes in a boiling water bath, longer at altitude.",
		"Process quarts 25 minutes in a boiling water bath (30 minutes at 1,001 to 3,000 ft).",
		"Process quarts 25 minutes in a boiling water bath (30 minutes at 1,001 to 6,000 ft, 35 minutes above 6,000 ft).",
		"Process quarts 25 minutes in a boiling water bath (26 minutes at 1,001 to 3,000 ft, 27 minutes at 3,001 to 6,000 ft).",
		"Process quarts in a boiling water bath 20 minutes at 1,001 to 6,000 ft, 35 minutes above 6,000 ft.",
		"Process quarts 25 minutes in a boiling water bath. Add 5 minutes for 1,001 to 6,000 ft.",
		"Process quarts 25 minutes in a boiling water bath. They say 35 minutes at 3,001 to 6,000 ft but 25 has always been enough for me.",
		"Process quarts 25 minutes in a boiling water bath. My sister at 5,240 ft gives hers 35 minutes.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft, which I ignore).",
		"Process quarts 25 minutes in a boiling water bath. Above 3,000 ft 35 minutes, unless you are in a hurry.",
		"Process quarts 25 minutes in a boiling water bath. Do not add 10 minutes for 3,001 to 6,000 ft.",
		"Process quarts 25 minutes in a boiling water bath. Above 3,000 ft, no more than 35 minutes.",
		"Process quarts 25 minutes in a boiling water bath, or at 3,001 to 6,000 ft less than 35 minutes.",
		"Process quarts 25 minutes in a boiling water bath; the table adds 10 minutes for 3,001 to 6,000 ft, nobody does.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft). We always do 25 minutes.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft). Here 25 minutes is enough.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft). Process 25 minutes.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft), 25 minutes.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft). Quarts 30 minutes.",
		"Process quarts 25 minutes in a boiling water bath, 35 minutes above 3,000 ft, 25 minutes above 5,000 ft.",
		"Process quarts 25 minutes in a boiling water bath (30 minutes at 1,001 to 2,000 ft, 35 minutes above 5,000 ft).",
		"Process quarts 35 minutes in a boiling water bath. 20 minutes at 5,240 ft.",
		"Process quarts 25 minutes in a boiling water bath (35 minutes at 3,001 to 6,000 ft). At 5,240 ft 20 minutes.",
		"Process quarts at 5,240 ft 25 minutes, at 7,000 ft 40 minutes, in a boiling water bath.",
		"Process quarts 25 minutes in a boiling water bath. Pints take 35 minutes at 3,001 to 6,000 ft.",
	} {
		res := reviewedAt(t, peachesWith(process), 5240)
		require.NotEqual(t, review.Clear, res.Verdict, process)
	}
}

// TestBathBesidePressure: a time that does for a pressure canner does for no water bath that stands
// beside it (peaches, hot pack, quarts: 25 minutes in boiling water, 10 minutes under pressure; USDA
// Complete Guide 2015, guide 2, from memory).
func TestBathBesidePressure(t *testing.T) {
	t.Parallel()
	for process, right := range map[string]bool{
		"Process quarts 15 minutes in a boiling water bath or a pressure canner.":                                                      false,
		"Process quarts 15 minutes in a boiling water bath, or in a pressure canner at 6 lb, dial gauge.":                              false,
		"Process quarts 15 minutes in a boiling water bath or 10 minutes in a pressure canner at 6 lb.":                                false,
		"Process pints 20 minutes, quarts 22 minutes in a boiling water bath, or 10 minutes at 6 lb in a pressure canner, dial gauge.": false,
		"Process quarts 25 minutes in a boiling water bath or a pressure canner.":                                                      true,
		"Process quarts 25 minutes in a boiling water bath or 10 minutes in a pressure canner at 6 lb, dial gauge.":                    true,
		"Process pints 20 minutes, quarts 25 minutes in a boiling water bath, or 10 minutes at 6 lb in a pressure canner, dial gauge.": true,
		"Process quarts 10 minutes in a pressure canner at 6 lb, dial gauge.":                                                          true,
		"Process quarts 10 minutes in a boiling water bath or 25 minutes in a pressure canner.":                                        false,
		"Process quarts 10 minutes in a boiling water bath, or 25 minutes at 6 lb in a pressure canner with a dial gauge.":             false,
		"Process quarts in a pressure canner 25 minutes at 6 lb, dial gauge, or 15 minutes in a boiling water bath.":                   false,
		"Process quarts in a pressure canner 10 minutes at 6 lb, dial gauge, or 25 minutes in a boiling water bath.":                   true,
		// Said of pints at a height, and no pounds: once read as a pressure of 3 psi.
		"Process pints 20 minutes and quarts 22 minutes in a boiling water bath. Pints 30 minutes at 3,001 to 6,000 ft.": false,
	} {
		res := reviewedAt(t, peachesWith(process), 200)
		require.Equal(t, right, res.Verdict == review.Clear, "%s: %v", process, res.Findings)
	}
}

// TestNeverTaken: a procedure that its source would have of what is never canned at home.
func TestNeverTaken(t *testing.T) {
	t.Parallel()
	p := *reviewer.Procedures()[0]
	for _, q := range reviewer.Procedures() {
		if q.ID == "apple-butter" {
			p = *q
		}
	}
	p.ID = "own-spread"
	p.Ingredients = append([]procedure.Ingredient{{Name: "pumpkin", Same: []string{"pumpkin"}, Role: procedure.Main, Amount: 6, Unit: quantity.Cup}}, p.Ingredients[1:]...)
	halts, err := reviewer.NeverTaken("Pumpkin butter\n\n6 cups pumpkin, mashed\n3 cups sugar\n\nCook until thick. Fill hot pints. Process pints 5 minutes in a boiling water bath.\n", &p)
	require.NoError(t, err)
	require.NotEmpty(t, halts)
	for _, f := range halts {
		require.Equal(t, review.Halt, f.Severity)
	}
	halts, err = reviewer.NeverTaken(peachesWith("Process quarts 25 minutes in a boiling water bath."), reviewer.Procedures()[0])
	require.NoError(t, err)
	require.Empty(t, halts)
	_, err = reviewer.NeverTaken("", &p)
	require.Error(t, err)
}

// TestPoundsByElevation: the same for the pounds of a gauge. Snap beans, pints 20 minutes, dial
// 11, 12, 13, 14 psi at 2,000, 4,000, 6,000, 8,000 ft, weighted 10, above 1,000 ft 15 (USDA
// Complete Guide 2015, guide 4, from memory).
func TestPoundsByElevation(t *testing.T) {
	t.Parallel()
	const head = "Green beans\n\n9 lb green beans, trimmed\nwater\nsalt\n\nPack the raw beans in hot pints and cover with boiling water, 1 inch headspace. Vent the canner 10 minutes.\n"
	for process, right := range map[string]bool{
		"Process pints 20 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft, 13 lb at 4,001 to 6,000 ft.":                     true,
		"Process pints 20 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft, 12 lb at 4,001 to 6,000 ft.":                     false,
		"Process pints 20 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft.":                                                 false,
		"Process pints 20 minutes at 11 lb, dial gauge.":                                                                                          false,
		"Process pints 20 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft, 13 lb at 4,001 to 6,000 ft. Keep it at 10 lb.":   false,
		"Process pints 20 minutes at 11 lb (dial gauge) to 2,000 ft, 12 lb at 2,001 to 4,000 ft, 13 lb at 4,001 to 6,000 ft. Process 15 minutes.": false,
	} {
		requireClear(t, right, head+process+"\n", 5240, "dial")
	}
}

// TestPoundsOfATable: pounds of a dial gauge for snap beans, 11, 12, 13 and 14 psi to 2,000, 4,000, 6,000 and
// 8,000 ft (USDA Complete Guide 2015, guide 4, Beans, snap and Italian, from memory). A table that has less for
// the kitchen, or falls, is not clear; nor is one that is copied as a table.
func TestPoundsOfATable(t *testing.T) {
	t.Parallel()
	const beans = "Green beans\n\n9 lb green beans\nboiling water\n\nWash, trim and cut in 1 inch pieces. Pack raw in pints, cover with boiling water, " +
		"1 inch headspace. Wipe rims, lids on. Vent 10 minutes.\n"
	for process, clear := range map[string]bool{
		"Process pints 20 minutes at 11 lb (0 - 2,000 ft), 12 lb (2,001 - 4,000 ft), 13 lb (4,001 - 6,000 ft), 14 lb (6,001 - 8,000 ft).":                  true,
		"In a dial-gauge pressure canner, process pints 20 minutes at 11 lb (0 - 2,000 ft), 12 lb (2,001 - 4,000 ft), 13 lb (4,001 - 6,000 ft).":           true,
		"Jar size | Process Time | 0 - 2,000 ft | 2,001 - 4,000 ft | 4,001 - 6,000 ft\nPints | 20 min | 11 lb | 12 lb | 13 lb":                             true,
		"Process pints 20 minutes at 11 lb (0 - 2,000 ft), 12 lb (2,001 - 4,000 ft), 12 lb (4,001 - 6,000 ft), 13 lb (6,001 - 8,000 ft).":                  false,
		"Process pints 20 minutes at 11 lb (0 - 2,000 ft), 12 lb (2,001 - 4,000 ft), 10 lb (4,001 - 6,000 ft), 14 lb (6,001 - 8,000 ft).":                  false,
		"Jar size | Process Time | 0 - 2,000 ft | 2,001 - 4,000 ft | 4,001 - 6,000 ft\nPints | 20 min | 11 lb | 12 lb | 12 lb":                             false,
		"Jar size\tProcess Time\t0 - 2,000 ft\t2,001 - 4,000 ft\t4,001 - 6,000 ft\nPints\t15 min\t11 lb\t12 lb\t13 lb":                                     false,
		"Jar size | Process Time | 0 - 2,000 ft | 2,001 - 4,000 ft | 4,001 - 6,000 ft\nPints | 20 min | 11 lb | 12 lb | 10 lb\nQuarts | 25 | 11 | 12 | 13": false,
	} {
		rec, err := reviewer.Reader().Text(beans + process + "\n")
		require.NoError(t, err)
		res := reviewer.Review(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true, Gauge: "dial"})
		require.Equal(t, clear, res.Verdict == review.Clear, "%s: %v", process, res.Findings)
	}
}

// TestTableAmended: a table with too few minutes leaves nothing of itself beside the tested time.
func TestTableAmended(t *testing.T) {
	t.Parallel()
	text := peachesWith("Table 1. Recommended process time for Peaches in a boiling-water canner.\n" +
		"Jar Size | 0 - 1,000 ft | 1,001 - 3,000 ft | 3,001 - 6,000 ft\nQuarts | 20 min | 25 | 30")
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	req := review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true, Jar: quantity.QuartJar}
	require.Equal(t, review.Change, reviewer.Review(req).Verdict)
	amended := reviewer.Amend(req, text, nil)
	require.Equal(t, review.Clear, amended.Result.Verdict, amended.Text)
	require.NotContains(t, amended.Text, "Jar Size")
	require.NotContains(t, amended.Text, "30")
	require.Contains(t, amended.Text, "35 minutes")
}

// TestTableSaysMore: what stands over a table, in its head or among its cells is read like any line.
func TestTableSaysMore(t *testing.T) {
	t.Parallel()
	const table = "Jar Size | 0 - 1,000 ft | 1,001 - 3,000 ft\nQuarts | 25 min | 30"
	for process, clear := range map[string]bool{
		table: true,
		"Table 1. Recommended process time for Peaches in a boiling-water canner.\nProcess Time at Altitudes of\n" + table: true,
		"Processing time: I only give it half of the table.\n" + table:                                                     false,
		"Table 1. I stir in cream before this.\n" + table:                                                                  false,
		"Recommended process time for peaches in cream in a boiling-water canner.\n" + table:                               false,
		"Jar Size | with cream | 0 - 1,000 ft | 1,001 - 3,000 ft\nQuarts | yes | 25 min | 30":                              false,
		"Jar Size | Note | 0 - 1,000 ft | 1,001 - 3,000 ft\nQuarts | add cream | 25 min | 30":                              false,
		"Pack | Jar Size | 0 - 1,000 ft | 1,001 - 3,000 ft\nRaw | Quarts | 10 min | 15":                                    false,
	} {
		res := reviewedAt(t, peachesWith("Wipe the rims, lids on.\n"+process), 500)
		require.Equal(t, clear, res.Verdict == review.Clear, "%s: %v", process, res.Findings)
	}
}
