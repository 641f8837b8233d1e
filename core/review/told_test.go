package review_test

import (
	"os"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// toldBase is a sound recipe whose process is told by a row of testdata/told/rows.txt, with the
// figures of its tested procedure and figures that are too low.
type toldBase struct {
	kind, text     string
	minutes        int
	pounds         int
	shorter, lower []int
}

// The figures are those of the library: snap beans raw and dried beans hot in pints, weighted
// gauge 10 lb to 1,000 ft; plums hot in pints to 1,000 ft (USDA Complete Guide 2015, guides 3
// and 4, guide 2; from memory).
var toldBases = []toldBase{
	{"p", strings.Replace(beansToTry, "Vent 10 minutes, then 20 minutes at 10 pounds with the weighted gauge. BEHIND\nHeat off. Let the pressure drop by itself.\n\nAFTER", "TOLD\nLet the pressure drop by itself.", 1), 20, 10, []int{8, 15, 19}, []int{5}},
	{"p", "Pinto beans in pints\n\n5 lb dried pinto beans\nwater\nsalt, 1/2 tsp per pint\n\nSoak the beans overnight in water to cover. Drain. Cover with fresh water and boil 30 minutes. Fill hot pint jars with beans and cooking water, 1 inch headspace, salt. Bubbles out, wipe the rims, adjust lids.\nTOLD\nLet the pressure fall by itself.", 75, 10, []int{15, 40, 65}, []int{5}},
	{"b", "Plums\n\n5 lb plums, halved and pitted\n5 1/4 cups water\n1 1/4 cups sugar\n\nHeat the water and sugar to boiling, add the plums and boil 2 minutes. Let stand covered 20 to 30 minutes. Fill hot pint jars with hot plums and syrup, 1/2 inch headspace. Bubbles out, wipe the rims, adjust lids.\nTOLD\nCool on a towel.", 20, 10, []int{5, 10, 15}, nil},
}

var figureWords = map[int]string{5: "five", 8: "eight", 10: "ten", 15: "fifteen", 19: "nineteen", 20: "twenty", 40: "forty", 65: "sixty-five", 75: "seventy-five"}

// tell writes the base with its process told.
func (b toldBase) tell(row string, minutes, pounds int) string {
	told := strings.NewReplacer("{t}", strconv.Itoa(minutes), "{T}", figureWords[minutes], "{p}", strconv.Itoa(pounds), "{P}", figureWords[pounds]).Replace(row)
	return strings.Replace(b.text, "TOLD", strings.ToUpper(told[:1])+told[1:], 1)
}

// Jars that only stand get no heat for their minutes, and a clock that starts before the boil
// takes some away, whatever the minutes are.
func TestToldWithoutHeat(t *testing.T) {
	t.Parallel()
	for kind, rows := range map[string][]string{
		"b": {"Let the jars stand in the canner {t} minutes.", "Leave them in the hot water bath {t} minutes, off.", "Heat {t} minutes.", "Off, {t} minutes.", "They sit in the bath {t} minutes.", "Stand {t} minutes in the kettle.", "Bring to a boil, off, {t} minutes.", "Heat to the boil, leave {t} minutes.",
			"Lids on, {t} minutes.", "Kettle on, {t} minutes.", "Leave the jars {t} minutes with the lids on.", "Bring the water to the boil; then {t} minutes standing.", "Boil, off, leave them {t} minutes in the canner.", "Let them sit {t} minutes in the boiled water.", "{t} minutes with the water half up the jars.",
			"{t} minutes in the pan with one inch of water.", "{t} minutes, jars half in the water.", "{t} minutes from when the pot goes on.", "{t} minutes, counting from when the water starts to steam.", "Count {t} minutes from when it starts bubbling.", "{t} minutes under the lid in the hot water.", "{t} minutes in hot water."},
		"p": {"Vent 10 minutes, {p} lb, then let it sit {t} minutes.", "Vent 10 minutes. Bring to {p} lb, off, {t} minutes.", "Vent 10 minutes. {p} lb, then stand {t} minutes.", "Vent 10 minutes. Heat to {p} lb and leave it {t} minutes off.", "Vent 10 minutes. Get it to {p} lb and let it stand for {t} minutes.", "Vent 10 minutes, cook {t} minutes.",
			"Vent 10 minutes, {p} lb, {t} minutes from when the steam starts.", "{t} minutes in the water bath.", "{t} minutes from the boil.", "{t} minutes in the canner, counted from the boil.", "{t} minutes, boiling.", "Give them {t} minutes in boiling water.", "Vent 10 minutes, {p} lb, {t} minutes with the lid up."},
	} {
		for _, row := range rows {
			for _, b := range toldBases {
				if b.kind == kind && b.minutes > 15 {
					assert.NotEqual(t, review.Clear, reviewText(t, b.tell(row, b.minutes, b.pounds), 500, "weighted").Verdict, "%s", row)
				}
			}
		}
	}
}

// However the process is told, figures below the tested ones are never cleared; with the
// tested ones it is understood.
func TestProcessTold(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/told/rows.txt")
	require.NoError(t, err)
	rows, understood, wrong := 0, 0, 0
	for _, line := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(line, "#") {
			continue
		}
		kind, row, ok := strings.Cut(strings.TrimPrefix(line, "?"), "|")
		require.True(t, ok, line)
		for _, b := range toldBases {
			if b.kind != kind {
				continue
			}
			rows++
			if reviewText(t, b.tell(row, b.minutes, b.pounds), 500, "weighted").Verdict == review.Clear {
				understood++
			}
			for _, m := range b.shorter {
				wrong++
				assert.NotEqual(t, review.Clear, reviewText(t, b.tell(row, m, b.pounds), 500, "weighted").Verdict, "%d minutes: %s", m, row)
			}
			for _, psi := range b.lower {
				wrong++
				assert.NotEqual(t, review.Clear, reviewText(t, b.tell(row, b.minutes, psi), 500, "weighted").Verdict, "%d pounds: %s", psi, row)
			}
		}
	}
	t.Logf("%d of %d understood; %d told wrongly", understood, rows, wrong)
	assert.GreaterOrEqual(t, understood, 235)
	assert.Greater(t, wrong, 700)
}
