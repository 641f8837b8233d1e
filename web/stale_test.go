package web

import (
	"context"
	"net/http"
	"net/url"
	"testing"

	"github.com/stretchr/testify/require"
)

// What one educator kept is not undone by the figures that stood in another's open form.
func TestCheckedByTwo(t *testing.T) {
	s, _ := newServer(t, false)
	h := s.Handler()
	const at = "/library/plums/check"
	open := hiddenOf(t, get(h, at), at)
	shown := []string{"by", "Bea", "edition", "Guide, 2015", "r0m0", "20", "r0m1", "25", "r0m2", "30", "r0m3", "35", "r1", "same"}
	theirs := with(open, "by", "Ann", "edition", "Guide, 2015", "r0m0", "25", "r0m1", "30", "r0m2", "35", "r0m3", "40")
	require.Equal(t, http.StatusSeeOther, do(h, "POST", at, theirs).Code)
	first := func() int { return s.shelf().lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value }
	require.Equal(t, 25, first())

	yours := with(hiddenOf(t, get(h, at), at), shown...)
	yours.Set("seen", open.Get("seen"))
	w := do(h, "POST", at, yours)
	require.Equal(t, http.StatusConflict, w.Code)
	page := w.Body.String()
	require.Contains(t, page, "Somebody has checked this procedure since you opened the page")
	require.Contains(t, page, "In force now: 25 min, 30 min, 35 min, 40 min, 0.5 in headspace. In your form: 20 min, 25 min, 30 min, 35 min, 0.5 in headspace.")
	require.Contains(t, page, `value="Bea"`, "what was typed is kept")
	require.Equal(t, 25, first(), "the old figures were not put back")

	// A form with a mistake in it stays the form of what was seen.
	wrong := with(yours, "r0m0", "many")
	w = do(h, "POST", at, wrong)
	require.Equal(t, http.StatusConflict, w.Code)
	fresh := hiddenOf(t, page, at)
	w = do(h, "POST", at, with(yours, "seen", fresh.Get("seen"), "once", fresh.Get("once"), "r0m0", "many"))
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Equal(t, fresh.Get("seen"), hiddenOf(t, w.Body.String(), at).Get("seen"))

	// Looked at again and sent, it is taken; lower figures are asked about first.
	w = do(h, "POST", at, with(yours, "seen", fresh.Get("seen"), "once", "x", "r0m0", "25", "r0m1", "30", "r0m2", "35", "r0m3", "40"))
	require.Equal(t, http.StatusSeeOther, w.Code)
	require.Contains(t, get(h, "/library/plums"), "2 of 12 values checked")
}

func TestChosenByTwo(t *testing.T) {
	s, st := newServer(t, true)
	h := s.Handler()
	ctx := context.Background()

	// A debated point.
	p := s.shelf().lib.Book.Points[0]
	for _, x := range s.shelf().lib.Book.Points {
		if len(x.Choices) > 1 {
			p = x
			break
		}
	}
	open := with(hiddenOf(t, get(h, "/debated"), "/debated"), "point", p.ID)
	require.Equal(t, http.StatusSeeOther, do(h, "POST", "/debated", with(open, "choice", p.Choices[1])).Code)
	w := do(h, "POST", "/debated", with(open, "choice", p.Choices[0]))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has chosen otherwise")
	chosen, err := st.Choices(ctx)
	require.NoError(t, err)
	require.Equal(t, p.Choices[1], chosen[p.ID])

	// The procedure that a recipe is reviewed by.
	at := sendIn(t, h, plainBeans)
	to := at + "/procedure"
	seen := hiddenOf(t, get(h, at+"/compare?with=plums"), to)
	require.Equal(t, http.StatusSeeOther, do(h, "POST", to, with(seen, "procedure", "carrots")).Code)
	w = do(h, "POST", to, with(seen, "procedure", "plums"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has chosen another procedure")
	r, err := st.Recipe(ctx, idOf(t, at))
	require.NoError(t, err)
	require.Equal(t, "carrots", r.Procedure)

	// An answer.
	at = sendIn(t, h, asking)
	page := get(h, at)
	say := with(hiddenOf(t, page, at+"/answer"), "words", askedWords.FindStringSubmatch(page)[1])
	require.NotEmpty(t, say.Get("seen"))
	require.Equal(t, http.StatusSeeOther, do(h, "POST", at+"/answer", with(say, "answer", "talk")).Code)
	require.Equal(t, http.StatusSeeOther, do(h, "POST", at+"/answer", with(say, "answer", "talk")).Code, "the same answer is no other")
	w = do(h, "POST", at+"/answer", with(say, "answer", "tool"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "Somebody has answered this otherwise")
	require.Contains(t, get(h, at), "Ask again", "theirs stands")
	require.Equal(t, http.StatusSeeOther, do(h, "POST", at+"/answer", url.Values{"words": say["words"], "answer": {"back"}}).Code)
}
