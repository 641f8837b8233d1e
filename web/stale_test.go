package web_test

import (
	"context"
	"net/http"
	"net/url"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// What one educator kept is not undone by the figures that stood in another's open form.
func TestCheckedByTwo(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	const at = "/library/plums/check"
	open := webtest.HiddenOf(t, webtest.Get(h, at), at)
	shown := []string{"by", "Bea", "edition", "Guide, 2015", "r0m0", "20", "r0m1", "25", "r0m2", "30", "r0m3", "35", "r1", "same"}
	theirs := webtest.With(open, "by", "Ann", "edition", "Guide, 2015", "r0m0", "25", "r0m1", "30", "r0m2", "35", "r0m3", "40")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, theirs).Code)
	first := func() int { return s.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value }
	require.Equal(t, 25, first())

	yours := webtest.With(webtest.HiddenOf(t, webtest.Get(h, at), at), shown...)
	yours.Set("seen", open.Get("seen"))
	w := webtest.Do(h, "POST", at, yours)
	require.Equal(t, http.StatusConflict, w.Code)
	page := w.Body.String()
	require.Contains(t, page, "Somebody has checked this procedure since you opened the page")
	require.Contains(t, page, "In force now: 25 min, 30 min, 35 min, 40 min, 0.5 in headspace. In your form: 20 min, 25 min, 30 min, 35 min, 0.5 in headspace.")
	require.Contains(t, page, `value="Bea"`, "what was typed is kept")
	require.Equal(t, 25, first(), "the old figures were not put back")

	// A form with a mistake in it stays the form of what was seen.
	wrong := webtest.With(yours, "r0m0", "many")
	w = webtest.Do(h, "POST", at, wrong)
	require.Equal(t, http.StatusConflict, w.Code)
	fresh := webtest.HiddenOf(t, page, at)
	w = webtest.Do(h, "POST", at, webtest.With(yours, "seen", fresh.Get("seen"), "once", fresh.Get("once"), "r0m0", "many"))
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Equal(t, fresh.Get("seen"), webtest.HiddenOf(t, w.Body.String(), at).Get("seen"))

	// Looked at again and sent, it is taken; lower figures are asked about first.
	w = webtest.Do(h, "POST", at, webtest.With(yours, "seen", fresh.Get("seen"), "once", "x", "r0m0", "25", "r0m1", "30", "r0m2", "35", "r0m3", "40"))
	require.Equal(t, http.StatusSeeOther, w.Code)
	require.Contains(t, webtest.Get(h, "/library/plums"), "2 of 12 values checked")
}

func TestChosenByTwo(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	ctx := context.Background()

	// A debated point.
	p := s.Shelves.Now().Lib.Book.Points[0]
	for _, x := range s.Shelves.Now().Lib.Book.Points {
		if len(x.Choices) > 1 {
			p = x
			break
		}
	}
	open := webtest.With(webtest.HiddenOf(t, webtest.Get(h, "/debated"), "/debated"), "point", p.ID)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", "/debated", webtest.With(open, "choice", p.Choices[1])).Code)
	w := webtest.Do(h, "POST", "/debated", webtest.With(open, "choice", p.Choices[0]))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has chosen otherwise")
	chosen, err := st.Choices(ctx)
	require.NoError(t, err)
	require.Equal(t, p.Choices[1], chosen[p.ID])

	// The procedure that a recipe is reviewed by.
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	to := at + "/procedure"
	seen := webtest.HiddenOf(t, webtest.Get(h, at+"/compare?with=plums"), to)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", to, webtest.With(seen, "procedure", "carrots")).Code)
	w = webtest.Do(h, "POST", to, webtest.With(seen, "procedure", "plums"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has chosen another procedure")
	r, err := st.Recipe(ctx, webtest.IDOf(t, at))
	require.NoError(t, err)
	require.Equal(t, "carrots", r.Procedure)

	// An answer.
	at = webtest.SendIn(t, h, webtest.Asking)
	page := webtest.Get(h, at)
	say := webtest.With(webtest.HiddenOf(t, page, at+"/answer"), "words", webtest.AskedWords.FindStringSubmatch(page)[1])
	require.NotEmpty(t, say.Get("seen"))
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/answer", webtest.With(say, "answer", "talk")).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/answer", webtest.With(say, "answer", "talk")).Code, "the same answer is no other")
	w = webtest.Do(h, "POST", at+"/answer", webtest.With(say, "answer", "tool"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has answered this otherwise")
	require.Contains(t, webtest.Get(h, at), "Ask again", "theirs stands")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/answer", url.Values{"words": say["words"], "answer": {"back"}}).Code)
}
