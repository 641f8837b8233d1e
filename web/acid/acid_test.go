package acid_test

import (
	"bytes"
	"context"
	"encoding/csv"
	"image/png"
	"net/http"
	"net/url"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/store"
	"damson/web/kit"
	"damson/web/webtest"
)

func TestAcidBench(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	body := func(path string) string {
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.Equal(t, http.StatusOK, w.Code, path)
		return w.Body.String()
	}
	// Acid by the jar: 2 Tbsp a quart, 7 quarts; figs have no vinegar.
	page := body("/acidity")
	require.Contains(t, page, "14 Tbsp (207 ml)")
	require.Contains(t, page, "buy 1 bottle")
	require.Contains(t, body("/acidity?dose=figs&jar=pint&count=9"), "not named by the source")
	require.Contains(t, body("/acidity?count=40&bottle=15"), "buy 3 bottles")
	require.Contains(t, body("/acidity?count=0"), "How many jars?")
	require.Contains(t, body("/acidity?count=3&bottle=x"), "How large is the bottle?")
	require.Contains(t, body("/acidity?count=3&bottle=NaN"), "How large is the bottle?")
	// Vinegar.
	require.Contains(t, body("/acidity?percent=5&vinegar=3&water=5"), "25 % weaker")
	require.Contains(t, body("/acidity?percent=4"), "Not this one")
	require.Contains(t, body("/acidity?percent=7"), "stronger than tested")
	require.Contains(t, body("/acidity?percent=60"), "read the label")
	require.Contains(t, body("/acidity?vinegar=lots"), "is no number")
	// The picture: what is unknown is told, the rest is drawn.
	page = body("/acidity?foods=tomato,+flumjack,+salt")
	require.Contains(t, page, "“flumjack” is no food")
	require.Contains(t, page, "salt has no range")
	require.Contains(t, page, ">tomato</text>")
	svg := webtest.Do(h, http.MethodGet, "/acidity/picture/scale.svg?foods=tomato", nil)
	require.Equal(t, "image/svg+xml", svg.Header().Get("Content-Type"))
	require.Contains(t, svg.Body.String(), "4.6")
	pic := webtest.Do(h, http.MethodGet, "/acidity/picture/scale.png?foods=tomato,onion", nil)
	img, err := png.Decode(bytes.NewReader(pic.Body.Bytes()))
	require.NoError(t, err)
	require.Equal(t, 1520, img.Bounds().Dx())
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/acidity/picture/other", nil).Code)
	// What a user types is escaped in the drawing too.
	require.NotContains(t, body("/acidity?mix="+url.QueryEscape(`<script>alert(1)</script>:5`)), "<script>alert")
}

// More vinegar moves the mixture down, and every mixture is answered.
func TestDragToSee(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	mix := func(q string) string { return webtest.Do(h, http.MethodGet, "/acidity/mix?"+q, nil).Body.String() }
	require.Contains(t, mix("food0=tomato&share0=60&food1=onion&share1=40"), "borderline")
	require.Contains(t, mix("food0=green+beans&share0=50&food1=vinegar&share1=50"), "acidified")
	require.Contains(t, mix("food0=carrot&share0=50"), "low-acid")
	require.Contains(t, mix("food0=tomato&share0=0"), "Nothing is in the mixture")
	require.Contains(t, mix("food0=tomato&share0=NaN&food1=flumjack&share1=5"), "Nothing is in the mixture")
	require.Contains(t, mix("food0=sugar&share0=90&food1=tomato&share1=1"), "No estimate")
	require.Contains(t, webtest.Do(h, http.MethodGet, "/acidity?recipe=5", nil).Body.String(), `value="mango"`)
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, "/acidity?recipe=999", nil).Code)
}

func TestPHLog(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	ctx := context.Background()
	post := func(path string, f url.Values) (int, string) {
		w := webtest.Do(h, http.MethodPost, path, f)
		return w.Code, w.Body.String()
	}
	page := webtest.Do(h, http.MethodGet, "/acidity/log", nil).Body.String()
	require.Contains(t, page, "too near the line")
	require.Contains(t, page, "not calibrated that day")
	require.Contains(t, page, "check overdue since")
	require.Contains(t, page, "A reading never makes a verdict better")

	code, _ := post("/acidity/meters", url.Values{"name": {"New meter"}, "compensates": {"yes"}})
	require.Equal(t, http.StatusSeeOther, code)
	code, page = post("/acidity/meters", url.Values{"name": {""}})
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "What is the meter called?")
	require.Contains(t, page, `name="compensates" value="yes">`, "the box that was not ticked")
	require.Contains(t, page, `name="low" value="4.01"`, "the other forms are fresh")
	meters, err := st.Meters(ctx)
	require.NoError(t, err)
	id := ""
	for _, m := range meters {
		if m.Name == "New meter" {
			id = string(rune('0' + m.ID))
		}
	}
	today := time.Now().Format(kit.DayLayout)
	cal := url.Values{"meter": {id}, "low": {"4.01"}, "high": {"7.00"}, "lowmv": {"173"}, "highmv": {"1"}, "celsius": {"24"}, "lowlot": {"L-77"}, "day": {today}}
	change := func(k, v string) url.Values {
		out := url.Values{}
		for n, x := range cal {
			out[n] = x
		}
		out.Set(k, v)
		return out
	}
	for want, f := range map[string]url.Values{
		"look swapped": func() url.Values { f := change("lowmv", "1"); f.Set("highmv", "173"); return f }(), "measures nothing": change("lowmv", "120"),
		"was it °F": change("celsius", "77"), "is no number": change("low", "four"), "look like pH": func() url.Values { f := change("lowmv", "4.0"); f.Set("highmv", "7.0"); return f }(),
		"written like 2026": change("day", "last week"), "Which meter": change("meter", "99"),
	} {
		code, page = post("/acidity/calibrations", f)
		require.Equal(t, http.StatusUnprocessableEntity, code, want)
		require.Contains(t, page, want)
		require.Contains(t, page, "L-77", "what was typed is still there")
	}
	code, _ = post("/acidity/calibrations", cal)
	require.Equal(t, http.StatusSeeOther, code)

	reading := url.Values{"meter": {id}, "sample": {"salsa, jars 1 to 3"}, "values": {"3.9 4.0 4.7"}, "how": {"drained and blended"}, "hours": {"48"}, "celsius": {"24"}, "recipe": {"4"}, "day": {today}}
	require.Equal(t, review.Change, s.Reviews.Of(mustRecipe(t, st, 4), mustKitchen(t, st)).Verdict)
	code, _ = post("/acidity/readings", reading)
	require.Equal(t, http.StatusSeeOther, code)
	review := webtest.Do(h, http.MethodGet, "/recipes/4", nil).Body.String()
	require.Contains(t, review, "highest pH 4.70")
	require.Contains(t, review, "no water bath for it")
	after := s.Reviews.Of(mustRecipe(t, st, 4), mustKitchen(t, st))
	require.EqualValues(t, "stop", after.Verdict, "over 4.6 is no water bath")
	require.Empty(t, after.After)
	for want, f := range map[string]string{"Type the pH of each jar": "about four"} {
		bad := url.Values{}
		for k, v := range reading {
			bad[k] = v
		}
		bad.Set("values", f)
		code, page = post("/acidity/readings", bad)
		require.Equal(t, http.StatusUnprocessableEntity, code)
		require.Contains(t, page, want)
		require.Contains(t, page, "about four")
	}
	// A pH that is none is kept as typed, and marked.
	reading.Set("values", "39")
	code, _ = post("/acidity/readings", reading)
	require.Equal(t, http.StatusSeeOther, code)
	require.Contains(t, webtest.Do(h, http.MethodGet, "/acidity/log", nil).Body.String(), "39 is no pH")

	// Another meter's file, and out again.
	code, _ = post("/acidity/readings/file", url.Values{"csv": {"Time Stamp,Sample ID,pH Value,Temp (°C)\n2026-11-20 10:00,=jar 1,3.91,22\n2026-11-20 10:05,jar 2,over,22\n"}})
	require.Equal(t, http.StatusSeeOther, code)
	code, _ = post("/acidity/readings/file", url.Values{"csv": {"Sample ID,pH Value,Temp (°C)\nundated,3.80,22\n"}})
	require.Equal(t, http.StatusSeeOther, code)
	require.Contains(t, webtest.Do(h, http.MethodGet, "/acidity/log", nil).Body.String(), "no day in the file that can be read, today taken")
	code, page = post("/acidity/readings/file", url.Values{"csv": {"a,b\n1,2\n"}})
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "no column of pH among a, b")
	rows, err := csv.NewReader(strings.NewReader(webtest.Do(h, http.MethodGet, "/acidity/readings.csv", nil).Body.String())).ReadAll()
	require.NoError(t, err)
	require.Len(t, rows, 1+8)
	found := false
	for _, r := range rows {
		require.NotRegexp(t, `^[=+@]`, r[2], "no cell is a formula")
		found = found || r[2] == "'=jar 1" && r[9] == "3.91"
	}
	require.True(t, found)
	list, err := st.Readings(ctx, 0, 10)
	require.NoError(t, err)
	code, _ = post("/acidity/readings/"+string(rune('0'+list[0].ID))+"/delete", nil)
	require.Equal(t, http.StatusSeeOther, code)
	code, _ = post("/acidity/readings/9999/delete", nil)
	require.Equal(t, http.StatusNotFound, code)
}

func mustRecipe(t *testing.T, st *store.Store, id int64) store.Recipe {
	r, err := st.Recipe(context.Background(), id)
	require.NoError(t, err)
	return r
}

func mustKitchen(t *testing.T, st *store.Store) store.Kitchen {
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	return k
}

func TestPracticeAndSelling(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	body := func(path string) string { return webtest.Do(h, http.MethodGet, path, nil).Body.String() }
	require.NotContains(t, body("/acidity/practice?n=5"), "The samples were", "the answer waits")
	require.Contains(t, body("/acidity/practice?n=5"), "in mV until you calibrate")
	page := body("/acidity/practice?n=5&low=147.9&high=4.4")
	require.Contains(t, page, "81.1 %")
	require.Contains(t, page, "measures nothing")
	require.Contains(t, page, "in pH by your calibration")
	require.Contains(t, body("/acidity/practice?n=5&low=x&high=1"), "Type what the meter read")
	require.Contains(t, body("/acidity/practice?n=5&low=4.01&high=7"), "hardly apart")
	right, wrong := 0, 0
	for _, f := range []string{"none", "old", "offset", "slow", "drift", "temperature"} {
		page := body("/acidity/practice?n=5&fault=" + f)
		require.Contains(t, page, "The samples were")
		if strings.Contains(page, "<b>Right: ") {
			right++
		} else {
			wrong++
		}
	}
	require.Equal(t, []int{1, 5}, []int{right, wrong})
	require.Contains(t, body("/acidity/selling?ph=4.1&acid=yes&part=much&kind=other"), "acidified food")
	require.Contains(t, body("/acidity/selling?ph=5.1"), "low-acid canned food")
	require.Contains(t, body("/acidity/selling?acid=yes"), "Still needed")
	w := webtest.Do(h, http.MethodGet, "/acidity/selling?ph=sour", nil)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "is no pH")
}
