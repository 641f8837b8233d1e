package recipe

import (
	"context"
	"fmt"
	"net/http"
	"net/http/httptest"
	"net/url"
	"strings"
	"testing"

	"github.com/gin-gonic/gin"
	"github.com/stretchr/testify/require"

	"damson/core/food"
	"damson/core/recipe"
	"damson/core/review"
	"damson/store"
	"damson/web/draw"
	"damson/web/kit"
	"damson/web/kit/kittest"
)

// pagesHere are the pages over the demo kitchen, and their handler.
func pagesHere(t testing.TB) (*Pages, http.Handler) {
	t.Helper()
	house := kittest.House(t)
	frame, err := kit.New(house.Store, func(s string) string { return s }, Templates)
	require.NoError(t, err)
	gin.SetMode(gin.ReleaseMode)
	router := gin.New()
	s := New(frame, house)
	s.Routes(router)
	return s, router
}

func do(h http.Handler, method, path string, _ url.Values) *httptest.ResponseRecorder {
	w := httptest.NewRecorder()
	h.ServeHTTP(w, httptest.NewRequest(method, path, http.NoBody))
	return w
}

func reviewHere(t *testing.T, text string) *review.Result {
	s, _ := pagesHere(t)
	k, err := s.Store.Kitchen(context.Background())
	require.NoError(t, err)
	return s.Reviews.Of(store.Recipe{ID: 1, Text: text, Title: "x"}, k)
}

func TestShortSource(t *testing.T) {
	for in, want := range map[string]string{
		"USDA Complete Guide 2015, guide 4, Soups; NCHFP": "Guide 4, Soups; NCHFP",
		"NCHFP, FAQ on cured meats":                       "NCHFP, FAQ on cured meats",
		"common practice, no source":                      "Common practice, no source",
		"":                                                "",
	} {
		require.Equal(t, want, shortSource(in))
	}
}

// The scale keeps the 4.6 line clear of names, draws every food that matters
// once, and never a range for the mixture.
func TestScale(t *testing.T) {
	res := reviewHere(t, "Soup\n2 cups carrots\n1 cup carrots, sliced\n1 cup tomatoes\n1 cup milk\n4 cups broth\n1 tsp cumin\nsalt")
	v := viewScale(res)
	names := map[string]int{}
	for _, b := range v.Bars {
		names[b.Name]++
		require.GreaterOrEqual(t, b.X, 0.0)
		require.LessOrEqual(t, b.X+b.W, draw.ScaleWidth+0.1)
		require.Positive(t, b.W)
		left, right := b.TextX, b.TextX+draw.Letter*float64(len(b.Name))
		if b.Anchor == "end" {
			left, right = b.TextX-draw.Letter*float64(len(b.Name)), b.TextX
		}
		if b.X+b.W < v.Line || b.X > v.Line {
			require.False(t, left < v.Line-1 && right > v.Line+1, "%s crosses the line", b.Name)
		}
	}
	require.Equal(t, 1, names["carrot"])
	require.Equal(t, 1, names["tomato"])
	require.Equal(t, 1, names["milk"])
	require.Zero(t, names["cumin"], "dry spice has no say")
	require.Zero(t, names["salt"])
	require.Less(t, draw.ScaleX(4.0), draw.ScaleX(4.6))
	require.Equal(t, 0.0, draw.ScaleX(0), "what lies outside is drawn at the edge")
}

func TestCard(t *testing.T) {
	res := reviewHere(t, "Soup\n3 cups carrots, peeled\n1/4 cup butter (soft)\nsalt and pepper\n8 cups broth\nBoil 5 minutes. Blend until smooth.")
	s, _ := pagesHere(t)
	v := s.viewReview(store.Recipe{ID: 1, SentBy: "Osric Vale", Jar: "quart", Pack: "hot"}, store.Kitchen{ElevationFt: 5240}, res)
	require.Equal(t, "Change first", v.Verdict.Words)
	require.Equal(t, "meant for quarts, hot pack", v.Meant)
	require.Equal(t, "3 cups", v.Lines[0].Amount)
	require.Equal(t, "carrots", v.Lines[0].Food)
	require.Equal(t, ", peeled", v.Lines[0].Detail)
	require.Equal(t, review.Amend, v.Lines[1].Mark)
	require.Len(t, v.Lines[1].Notes, 1, "dairy and fat ask for the same, once")
	require.Equal(t, "salt and pepper", v.Lines[2].Food, "a line without amount stands as typed")
	require.Len(t, v.Steps, 1)
	require.Empty(t, v.Steps[0].Sentences[0].Mark)
	require.Equal(t, review.Amend, v.Steps[0].Sentences[1].Mark, "the sentence meant is marked, not its neighbour")
	require.Contains(t, v.Physics, "202.4 °F")
	require.Contains(t, v.Physics, "steam at")
}

// What the reading shows, line by line.
func TestReading(t *testing.T) {
	s, _ := pagesHere(t)
	v := s.read("Pot\n4 lb green beans, snapped\n1 cup wozzle\n1 heaping tsp salt\nFor the brine:\n2 cups each water and vinegar\na glug of oil\nBoil and gribble it.")
	state := map[string]string{}
	for _, l := range v.Lines {
		if !l.Heading {
			state[l.Food.Value] = l.State
		}
	}
	require.Equal(t, map[string]string{"green bean": "understood", "wozzle": "unknown", "salt": "guess", "water": "understood", "vinegar": "understood", "oil": "unclear"}, state)
	require.Equal(t, 2, v.Unclear)
	require.Equal(t, "gribble", v.Steps[0].Unread)
	require.Equal(t, reading{}, s.read("   "))
	require.NotEmpty(t, s.read("\x00").Problem)
}

// Every line of the reading is tied to its words, in the browser's own count of
// letters.
func TestReadingIsTied(t *testing.T) {
	s, _ := pagesHere(t)
	v := s.read("Jump to Recipe\nPot\n🍑 2 cups carots, sliced\n1 cup sugar and 2 cups honey\n1 cup wozzleberry\n")
	require.Len(t, v.Dropped, 1)
	require.Equal(t, "Jump to Recipe", v.Dropped[0].Text)
	l := v.Lines[0]
	require.Equal(t, "guess", l.State)
	require.Equal(t, "2 cups carrot, sliced", l.Accept)
	require.Equal(t, [2]int{3, 4}, [2]int{l.Amount.Start, l.Amount.End}, "the peach counts two")
	require.Equal(t, "3 4 amount,5 9 unit,10 16 food,18 24 form", l.Spans)
	require.Equal(t, []bool{false, true}, []bool{v.Lines[1].More, v.Lines[2].More})
	require.Equal(t, "2", v.Lines[2].Amount.Value)
	require.Contains(t, v.Lines[3].Near, "blueberry")
	require.Equal(t, food.OwnKinds, v.Lines[3].Kinds)
}

func TestDownloads(t *testing.T) {
	s, h := pagesHere(t)
	list, err := s.Store.Recipes(context.Background(), "", 0, 100)
	require.NoError(t, err)
	for _, r := range list {
		for file := range downloads {
			w := do(h, http.MethodGet, fmt.Sprintf("/recipes/%d/download/%s", r.ID, file), nil)
			require.Equal(t, http.StatusOK, w.Code)
			require.Contains(t, w.Header().Get("Content-Disposition"), "attachment")
			doc, err := recipe.Open(file, w.Body.Bytes())
			require.NoError(t, err, r.Title)
			require.Len(t, doc.Texts, 1)
			was, now := s.read(r.Text), s.read(doc.Texts[0])
			require.Equal(t, foods(was), foods(now), "%s as %s", r.Title, file)
		}
	}
	require.Equal(t, http.StatusNotFound, do(h, http.MethodGet, "/recipes/1/download/recipe.exe", nil).Code)
}

// foods lists what a reading found, amounts included.
func foods(v reading) []string {
	var out []string
	for _, l := range v.Lines {
		if !l.Heading {
			out = append(out, l.Amount.Value+" "+l.Unit.Value+" "+l.Food.Value)
		}
	}
	return out
}

// The numbers of jars and loads, as the page writes them.
func TestLoads(t *testing.T) {
	for want, c := range map[string][3]int{"one canner load": {7, 9, 9}, "2 canner loads": {10, 16, 9}, "1 to 2 canner loads": {8, 10, 9}} {
		require.True(t, strings.HasPrefix(loads(c[0], c[1], "pint"), want), loads(c[0], c[1], "pint"))
	}
	require.Contains(t, loads(7, 7, "quart"), "7 quarts")
	require.Equal(t, []string{"twice", "half", "as written", "1½ times"}, []string{timesWords(2), timesWords(0.5), timesWords(1), timesWords(1.5)})
}
