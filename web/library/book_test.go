package library_test

import (
	"bytes"
	"context"
	"mime/multipart"
	"net/http"
	"net/http/httptest"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"golang.org/x/net/html"

	"damson/store"
	"damson/web/webtest"
)

// fieldsOf returns the fields of the form that goes to action, as a browser would send them.
func fieldsOf(t *testing.T, page, action string) url.Values {
	root, err := html.Parse(strings.NewReader(page))
	require.NoError(t, err)
	attr := func(n *html.Node, key string) (string, bool) {
		for _, a := range n.Attr {
			if a.Key == key {
				return a.Val, true
			}
		}
		return "", false
	}
	out := url.Values{}
	var walk func(n *html.Node, inside bool)
	walk = func(n *html.Node, inside bool) {
		if n.Type == html.ElementNode {
			switch n.Data {
			case "form":
				to, _ := attr(n, "action")
				inside = to == action
			case "input":
				kind, _ := attr(n, "type")
				if name, ok := attr(n, "name"); ok && inside && kind != "checkbox" {
					v, _ := attr(n, "value")
					out.Set(name, v)
				}
			case "option":
				if _, chosen := attr(n, "selected"); chosen && inside {
					name, _ := attr(n.Parent, "name")
					v, _ := attr(n, "value")
					out.Set(name, v)
				}
			}
		}
		for c := n.FirstChild; c != nil; c = c.NextSibling {
			walk(c, inside)
		}
	}
	walk(root, false)
	require.NotEmpty(t, out, "no form goes to "+action)
	return out
}

// signed fills in what nobody can guess: four fields.
func signed(f url.Values) url.Values {
	f.Set("book", "The Orchard Ladle")
	f.Set("edition", "2nd edition 2008")
	f.Set("page", "114")
	f.Set("by", "Ida Fenn")
	return f
}

// TestOutOfABook: a printed recipe becomes a procedure of the kitchen's own by four fields and two
// presses, and the recipe is reviewed by it.
func TestOutOfABook(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlumChutney)
	require.NotContains(t, webtest.Get(h, at), "<h1>Clear", "nothing that ships covers it")

	page := webtest.Get(h, at+"/book")
	require.Contains(t, page, "10/15/20")
	w := webtest.Do(h, http.MethodPost, at+"/book", signed(fieldsOf(t, page, at+"/book")))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	require.Equal(t, at, w.Header().Get("Location"))

	review := webtest.Get(h, at)
	require.Contains(t, review, "from a book in this kitchen")
	require.Contains(t, review, "The Orchard Ladle, 2nd edition 2008, page 114")
	require.Contains(t, review, "<h1>Clear")
	require.Contains(t, review, "<b>15 min</b>", "this kitchen lies at 5,240 ft")
	own, err := st.Procedures(context.Background())
	require.NoError(t, err)
	require.Len(t, own, 1)
	require.Equal(t, "Ida Fenn", own[0].Signed)
	require.Len(t, own[0].Procedure.Rows, 2)
	require.Len(t, own[0].Procedure.Ingredients, 9)
	require.Equal(t, "page 114", own[0].Procedure.Section)
	require.NotContains(t, webtest.Get(h, "/library/own-plum-and-ginger-chutney"), "There is no")

	// Mended, it takes its own place.
	again := signed(fieldsOf(t, webtest.Get(h, at+"/book"), at+"/book"))
	again.Set("page", "115")
	w = webtest.Do(h, http.MethodPost, at+"/book", again)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	own, err = st.Procedures(context.Background())
	require.NoError(t, err)
	require.Len(t, own, 1)
	require.Equal(t, "page 115", own[0].Procedure.Section)
}

// TestChangeOfABook: an adapted recipe is compared with its original.
func TestChangeOfABook(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlumChutney)
	w := webtest.Do(h, http.MethodPost, at+"/book", signed(fieldsOf(t, webtest.Get(h, at+"/book"), at+"/book")))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)

	form := fieldsOf(t, webtest.Get(h, "/new?of=own-plum-and-ginger-chutney"), "/recipes")
	require.Equal(t, "own-plum-and-ginger-chutney", form.Get("procedure"))
	require.Contains(t, webtest.Get(h, "/new?of=own-plum-and-ginger-chutney"), "Process 15 minutes", "the minutes of this kitchen")
	form.Set("text", strings.NewReplacer("1 cup chopped onion", "3 cups chopped onion", "3 cups cider vinegar", "2 cups cider vinegar", "1 tsp cinnamon", "1 tsp nutmeg").Replace(webtest.PlumChutney))
	w = webtest.Do(h, http.MethodPost, "/recipes", form)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	change := w.Header().Get("Location")
	page := webtest.Get(h, change)
	require.Contains(t, page, "Change first")
	require.NotContains(t, page, "Mend what the book says", "it is not the book's recipe")
	side := webtest.Get(h, change+"/compare")
	require.Contains(t, side, "3 cups chopped onion")
	require.Contains(t, side, "left out, not needed for safety", "the cinnamon")

	// From the change nobody overwrites what the book says.
	w = webtest.Do(h, http.MethodPost, change+"/book", signed(fieldsOf(t, webtest.Get(h, change+"/book"), change+"/book")))
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "is the id of another procedure")
	own, err := st.Procedures(context.Background())
	require.NoError(t, err)
	require.Len(t, own, 1)
}

// TestBookRefused: what is no procedure is not taken, and what was typed stands.
func TestBookRefused(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	refused := func(text, want string, set ...string) {
		at := webtest.SendIn(t, h, text)
		form := signed(fieldsOf(t, webtest.Get(h, at+"/book"), at+"/book"))
		for i := 0; i+1 < len(set); i += 2 {
			form.Set(set[i], set[i+1])
		}
		w := webtest.Do(h, http.MethodPost, at+"/book", form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, want)
		require.Contains(t, w.Body.String(), want)
		if form.Get("by") != "" {
			require.Contains(t, w.Body.String(), "Ida Fenn", "what was typed stands")
		}
	}
	refused(webtest.PlumChutney, "no source, no procedure", "page", "")
	refused(webtest.PlumChutney, "you stand for it", "by", "")
	refused(webtest.PlumChutney, "say what “plum” is for", "role0", "")
	refused(webtest.PlumChutney, "as in 5/10/15", "adds", "ten")
	refused(webtest.PlumChutney, "is no whole number", "minutes0", "soon")
	const pressure = "\n\nPack hot in pints, 1 inch headspace. Process pints 75 minutes at 10 lb, weighted gauge, in a pressure canner."
	refused("Beef in cream\n\n4 lb beef, cubed\n1 cup cream\n2 cups broth"+pressure, "milk, cream and cheese are low in acid")
	refused("Chicken and rice\n\n4 lb chicken, boned, cubed\n2 cups rice\n2 cups broth"+pressure, "grains and noodles swell")
	const bath = "\n\nPack hot in pints, 1/2 inch headspace. Process pints 40 minutes in a boiling water bath."
	refused("Green beans\n\n4 lb green beans\nwater"+bath, "a low-acid food has no water-bath process")
	refused("Green beans\n\n4 lb green beans\nwater"+bath, "pH of", "acidity", "acid")
	refused("Tomatoes\n\n21 lb tomatoes, peeled, crushed"+bath, "needs the acid that makes it safe", "acidity", "acidified")
	const hot = "\n\nMash. Pack hot in pints, 1 inch headspace. Process pints 75 minutes at 10 lb, weighted gauge, in a pressure canner."
	refused("Refried beans\n\n2 lb dried pinto beans\nwater\n\nSoak the beans overnight. Boil 30 minutes."+hot, "mashed or pureed")
	refused("Zucchini in tomato sauce\n\n6 lb zucchini, sliced\n2 cups tomato sauce"+pressure, "its process was withdrawn")
	refused("Pumpkin butter\n\n6 cups pumpkin, cooked and mashed\n3 cups sugar\n1/2 cup bottled lemon juice\n\nSimmer until thick. Fill hot pints, 1/4 inch headspace. Process pints 20 minutes in a boiling water bath.", "whatever a book prints")
	own, err := st.Procedures(context.Background())
	require.NoError(t, err)
	require.Empty(t, own)

	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/recipes/999/book", nil).Code)
}

// TestBookOfTwoOnALine: a line that names two foods is two ingredients and stands once in what is
// written of it; what is taken for granted says so.
func TestBookOfTwoOnALine(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Peach relish\n\n4 lb peaches and 2 lb plums, chopped\n1 cup onion\n2 cups vinegar\nsalt and pepper\n\nBoil 10 minutes. Fill hot pints, 1/2 inch headspace. Process pints 15 minutes.")
	page := webtest.Get(h, at+"/book")
	require.Contains(t, page, "The text names no method: a water bath is taken for granted")
	require.Contains(t, page, "hot is taken for granted")
	require.Contains(t, page, "This kitchen lies at 5,240 ft")
	w := webtest.Do(h, http.MethodPost, at+"/book", signed(fieldsOf(t, page, at+"/book")))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	own, err := st.Procedures(context.Background())
	require.NoError(t, err)
	require.Len(t, own[0].Procedure.Ingredients, 6)
	require.Equal(t, 1, strings.Count(own[0].Procedure.Recipe(own[0].Procedure.Rows[0]), "4 lb peaches"))
	require.Contains(t, webtest.Get(h, at), "its source prints no process for 5,240 ft", "nobody said what is added up here")

	// Sent from a page that is older than the recipe, nothing is kept.
	old := signed(fieldsOf(t, webtest.Get(h, at+"/book"), at+"/book"))
	old.Set("seen", "0")
	w = webtest.Do(h, http.MethodPost, at+"/book", old)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "has been changed since you opened this page")
}

// TestSourceOfARecipe: book, edition and page are kept, shown, and left alone by a form that does
// not have them.
func TestSourceOfARecipe(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {webtest.PlumChutney}, "book": {store.OurOwn}, "edition": {"2019"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	at := w.Header().Get("Location")
	require.Contains(t, webtest.Get(h, at), "our own, 2019")
	require.Contains(t, webtest.Get(h, at+"/edit"), `value="our own"`)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, at, url.Values{"text": {webtest.PlumChutney + "\nStore in a dark place."}}).Code)
	r, err := st.Recipe(context.Background(), 1)
	require.NoError(t, err)
	require.Equal(t, store.Source{Book: store.OurOwn, Edition: "2019"}, r.From)
	w = webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {webtest.PlumChutney}, "book": {strings.Repeat("x", 201)}})
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
}

// TestProceduresTravel: a kitchen's own procedure goes to another as a file, waits there to be
// signed, and stands beside what that kitchen has of the name.
func TestProceduresTravel(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlumChutney)
	w := webtest.Do(h, http.MethodPost, at+"/book", signed(fieldsOf(t, webtest.Get(h, at+"/book"), at+"/book")))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	one := webtest.Get(h, "/library/own-plum-and-ginger-chutney/procedure.json")
	require.JSONEq(t, one, webtest.Get(h, "/procedures.json"))
	require.NotContains(t, one, "Ida Fenn", "nobody's signature travels")
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/library/plums/procedure.json", nil).Code)

	send := func(h http.Handler, file string) *httptest.ResponseRecorder {
		var b bytes.Buffer
		form := multipart.NewWriter(&b)
		part, err := form.CreateFormFile("file", "p.json")
		require.NoError(t, err)
		_, _ = part.Write([]byte(file))
		require.NoError(t, form.Close())
		r := httptest.NewRequest(http.MethodPost, "/procedures/file", &b)
		r.Header.Set("Content-Type", form.FormDataContentType())
		w := httptest.NewRecorder()
		h.ServeHTTP(w, r)
		return w
	}
	other, _ := webtest.New(t, false)
	oh := other.Handler()
	w = send(oh, one)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	require.Contains(t, webtest.Get(oh, "/check"), "Plum and ginger chutney")
	require.Empty(t, other.Shelves.Now().Own, "it waits")

	w = send(h, one)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "it is the same")
	w = send(h, strings.Replace(one, `"amount": 3`, `"amount": 2`, 1))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	require.Contains(t, webtest.Get(h, "/check"), "yours “3 cups, acid")
	require.Contains(t, webtest.Get(h, "/check"), "theirs “2 cups, acid")
	w = send(h, strings.ReplaceAll(one, `"plum"`, `"moon-plum"`))
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "no food “moon-plum”")
}
