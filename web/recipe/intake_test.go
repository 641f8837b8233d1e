package recipe_test

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/food"
	"damson/core/review"
	"damson/store"
	"damson/web/kit"
	"damson/web/webtest"
)

// A food of the kitchen's own is known from then on, and clears nothing.
func TestOwnFoodIsNeverCleared(t *testing.T) {
	if webtest.UnderRace {
		t.Skip("many requests, one after the other: make test runs it again without the race detector")
	}
	s, st := webtest.New(t, true)
	h := s.Handler()
	post := func(name, kind string) string {
		w := webtest.Do(h, http.MethodPost, "/foods", url.Values{"name": {name}, "kind": {kind}, "text": {"Pot\n1 cup wozzle\n4 lb green beans"}})
		require.Equal(t, http.StatusOK, w.Code)
		return w.Body.String()
	}
	require.Contains(t, post("cream", "other"), "words that Damson knows")
	require.Contains(t, post("pureed", "vegetable"), "words that Damson knows")
	require.Contains(t, post("blend", "vegetable"), "words that Damson knows")
	require.Contains(t, post("wozzle", "poison"), "no kind of food")
	require.Contains(t, post("<b>", "fruit"), "no name of a food")
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	for _, kind := range food.OwnKinds {
		require.Contains(t, post("wozzle", kind), "is now a food of this kitchen")
		for _, p := range s.Shelves.Now().Lib.Procedures.All() {
			text := p.Recipe(p.Rows[0])
			head, tail, _ := strings.Cut(text, "\n\n")
			mixed := head + "\n\n1/2 cup wozzle\n" + strings.TrimLeft(tail, "\n")
			res := s.Reviews.Of(store.Recipe{Title: p.Title, Text: mixed}, k)
			require.NotEqual(t, review.Clear, res.Verdict, "%s with a %s", p.ID, kind)
		}
	}
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, "/foods/own-wozzle", nil).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/foods/own-wozzle/delete", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodPost, "/foods/own-wozzle/delete", nil).Code)
	rec, err := s.Shelves.Now().Reader().Text("Pot\n1 cup wozzle")
	require.NoError(t, err)
	require.Nil(t, rec.Lines[0].Ref, "it is unknown again")
}

func TestScalePage(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	ctx := context.Background()
	list, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	id := int64(0)
	for _, r := range list {
		if strings.Contains(r.Title, "Dilly") {
			id = r.ID
		}
	}
	page := fmt.Sprintf("/recipes/%d/scale", id)
	get := func(query string) (int, string) {
		w := webtest.Do(h, http.MethodGet, page+query, nil)
		return w.Code, w.Body.String()
	}
	code, body := get("")
	require.Equal(t, http.StatusOK, code)
	require.Contains(t, body, "As written")
	require.NotContains(t, body, "Keep it as a new version")
	_, body = get("?by=factor&factor=1+1/2")
	require.Contains(t, body, "6 lb", "4 lb of beans")
	require.Contains(t, body, "¾ cup", "½ cup of salt")
	require.Contains(t, body, "10 to 14 pints", "1½ times the printed 8 pints")
	_, body = get("?by=weight&line=3&weight=6+lb+12+oz")
	require.Contains(t, body, "6¾ lb")
	_, body = get("?by=jars&jars=4&jar=pint")
	require.Contains(t, body, "In each of 4 jars")
	for query, want := range map[string]string{
		"?by=factor&factor=0": "is not a number", "?by=factor&factor=x": "is not a number", "?by=factor&factor=999": "between 0.05 and 50",
		"?by=weight&line=3&weight=lots": "is not a weight", "?by=weight&line=99&weight=2+lb": "choose the ingredient", "?by=jars&jars=0": "whole number", "?by=moon": "choose how to scale",
	} {
		code, body := get(query)
		require.Equal(t, http.StatusUnprocessableEntity, code, query)
		require.Contains(t, strings.ToLower(body), want, query)
	}

	// Kept, it is a new version that reads as twice the old one.
	w := webtest.Do(h, http.MethodPost, page, url.Values{"by": {"factor"}, "factor": {"2"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	versions, err := st.Versions(ctx, id)
	require.NoError(t, err)
	require.Len(t, versions, 2)
	require.Equal(t, "scaled, twice", versions[1].Why)
	require.Contains(t, versions[1].Text, "8 lb fresh green beans")
	body = webtest.Do(h, http.MethodGet, w.Header().Get("Location"), nil).Body.String()
	require.Contains(t, body, "changed: amount")
	require.Contains(t, body, "8 lb fresh green beans")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, page, url.Values{"by": {"factor"}, "factor": {"x"}}).Code)
}

// A jam warns about the double batch, and about what scaling cannot reach.
func TestScaleWarns(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	list, err := st.Recipes(context.Background(), "", 0, 100)
	require.NoError(t, err)
	for _, r := range list {
		body := webtest.Do(h, http.MethodGet, fmt.Sprintf("/recipes/%d/scale?by=factor&factor=2", r.ID), nil).Body.String()
		require.Equal(t, strings.Contains(strings.ToLower(r.Title), "jam"), strings.Contains(body, "one batch at a time"), r.Title)
	}
}

func TestOpenFile(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	ctx := context.Background()
	before, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	send := func(name, text string) (int, string) {
		w := webtest.SendNamed(h, "/recipes/file", "file", name, text)
		return w.Code, w.Body.String()
	}
	code, body := send("plums.html", "<html><body><h1>Plums</h1><ul><li>5 lb plums<li>6 cups water</ul><script>alert(1)</script></body></html>")
	require.Equal(t, http.StatusOK, code)
	require.Contains(t, body, "5 lb plums")
	require.NotContains(t, body, "alert(1)")
	require.Contains(t, body, "From “plums.html”")
	for name, c := range map[string]struct{ text, want string }{
		"x.csv": {"colour,size\n1,2\n", "the columns colour, size"}, "x.json": {`{"@type":"Recipe","recipeIngredient":`, "not valid JSON"},
		"x.png": {"\x89PNG\x00\x00", "not text"}, "x.txt": {"  \n", "nothing to read"}, "big.txt": {strings.Repeat("x", 2<<20), "larger than 1024 KiB"},
		"long.txt": {strings.Repeat("1 cup x\n", 5000), "more than 500 lines"},
	} {
		code, body := send(name, c.text)
		require.Equal(t, http.StatusUnprocessableEntity, code, name)
		require.Contains(t, body, c.want, name)
	}
	now, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	require.Len(t, now, len(before), "nothing is kept before it was seen")

	// Several recipes go to the desk, each by itself.
	code, _ = send("two.json", `[{"@type":"Recipe","name":"Plums","recipeIngredient":["5 lb plums"]},{"@type":"Recipe","name":"Pears","recipeIngredient":["5 lb pears"]}]`)
	require.Equal(t, http.StatusSeeOther, code)
	now, err = st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	require.Len(t, now, len(before)+2)
	titles := map[string]bool{}
	for _, r := range now {
		titles[r.Title] = true
	}
	require.True(t, titles["Plums"] && titles["Pears"])
}

func TestVersionsPage(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, "/recipes/1/versions", nil).Code)
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, "/recipes/1/versions?old=99&new=-3", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/recipes/99/versions", nil).Code)
	w := webtest.Do(h, http.MethodPost, "/recipes/1", url.Values{"text": {"Plums <b>\n5 lb plums\nwater"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	body := webtest.Do(h, http.MethodGet, "/recipes/1/versions", nil).Body.String()
	require.Contains(t, body, "Plums &lt;b&gt;")
	require.Contains(t, body, "removed")
	require.Contains(t, body, `class="added"`)
}

// BenchmarkRead answers a paste of 200 lines as the page asks for it.
func BenchmarkRead(b *testing.B) {
	s, _ := webtest.New(b, true)
	h := s.Handler()
	var text strings.Builder
	text.WriteString("A long pot\n\n")
	for i := range 150 {
		fmt.Fprintf(&text, "%d 1/2 cups %s, chopped\n", i%9+1, []string{"onions", "carrots", "wozzleberries", "green beans", "tomatoes"}[i%5])
	}
	for range 48 {
		text.WriteString("Simmer everything for 10 minutes, then pack hot into pints.\n")
	}
	form := url.Values{"text": {text.String()}}
	for b.Loop() {
		if w := webtest.Do(h, http.MethodPost, "/read", form); w.Code != http.StatusOK {
			b.Fatal(w.Code)
		}
	}
}

// Names of files and fields made of a cook's words hold nothing but letters.
func TestNamesOfACooksWords(t *testing.T) {
	for title, want := range map[string]string{
		"Grange salsa":              "grange-salsa",
		"../../etc/passwd":          "etc-passwd",
		"  ":                        "recipe",
		"Crème & co":                "cr-me-co",
		"\"; rm -rf":                "rm-rf",
		"砂糖":                        "recipe",
		strings.Repeat("long ", 40): strings.TrimSuffix(strings.Repeat("long-", 12), "-"),
	} {
		require.Equal(t, want, kit.FileName(title), title)
		require.NotContains(t, kit.FileName(title), "/")
		require.NotContains(t, kit.FileName(title), `"`)
	}
}
