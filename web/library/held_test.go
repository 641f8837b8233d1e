package library_test

import (
	"context"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/knowledge"
	"damson/store"
	"damson/web"
	"damson/web/webtest"
)

// beansRow is the part of the raw pints of snap beans in a dial gauge canner.
const beansRow = "row:pressure|dial|raw|pint||11"

func ledgerFile(lines ...string) string {
	return strings.Join(ledger.Columns, ",") + "\n" + strings.Join(lines, "\n") + "\n"
}

// A ledger file lowers nothing by itself: impossible figures are refused with their
// line, lower ones wait until somebody of this kitchen signs them one by one.
func TestHostileLedger(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	before := webtest.Get(h, at)
	require.Contains(t, before, "20 min")
	for values, want := range map[string]string{
		"1 min; 11/12/13/14 psi; 1 in": "no source prints a process of 1 minutes", "20 min; 1/1/1/1 psi; 1 in": "no source prints 1 psi", "20 min; 11/12/13/14 psi; NaN in": "no jar has", "20 min; 11/12/13/14 psi; -5 in": "no jar has",
	} {
		w := webtest.Send(h, "/check/ledger", "ledger", ledgerFile("snap-beans,"+beansRow+",differs,"+values+",2015,1,Zeb,2026-01-01"))
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, values)
		require.Contains(t, w.Body.String(), want)
	}
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Send(h, "/check/ledger", "ledger", ledgerFile("snap-beans,"+beansRow+",same,,2015,1,Zeb,2999-01-01")).Code, "a day to come")
	list, err := st.Checks(context.Background())
	require.NoError(t, err)
	require.Empty(t, list, "nothing of it is kept")

	// Lower than the library: stored, shown side by side, not in force.
	file := ledgerFile("snap-beans,"+beansRow+",differs,15 min; 11/12/13/14 psi; 1 in,2015,1,<b>Zeb</b>,2026-01-01", "plums,row:water-bath||hot|pint||,same,,2015,2-26,Zeb,2026-01-01")
	w := webtest.Send(h, "/check/ledger", "ledger", file)
	require.Equal(t, http.StatusOK, w.Code)
	page := w.Body.String()
	require.Contains(t, page, "1 of the 2 checks in that file would lower")
	require.Contains(t, page, "15 minutes is less than the 20 of the library")
	require.NotContains(t, page, "<b>Zeb")
	require.Contains(t, webtest.Get(h, "/check"), "Held back")
	require.Equal(t, seen(before), seen(webtest.Get(h, at)), "the review is as it was")
	require.Equal(t, "/check?imported=0", webtest.Send(h, "/check/ledger", "ledger", file).Header().Get("Location"), "not taken twice")

	// Unsigned, unknown, thrown away, taken.
	key := regexp.MustCompile(`/check/held/([0-9a-f]+)`).FindStringSubmatch(page)[1]
	for _, f := range []url.Values{{}, {"by": {"Ines"}}, {"seen": {"1"}}} {
		require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/check/held/"+key, f).Code)
	}
	require.Equal(t, http.StatusConflict, webtest.Do(h, http.MethodPost, "/check/held/0000", url.Values{"by": {"Ines"}, "seen": {"1"}}).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/check/held/"+key, url.Values{"away": {"1"}}).Code)
	require.NotContains(t, webtest.Get(h, "/check"), "Held back")
	require.Equal(t, http.StatusOK, webtest.Send(h, "/check/ledger", "ledger", file).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/check/held/"+key, url.Values{"by": {"Ines"}, "seen": {"1"}}).Code)
	require.Equal(t, http.StatusConflict, webtest.Do(h, http.MethodPost, "/check/held/"+key, url.Values{"by": {"Ines"}, "seen": {"1"}}).Code, "it waits no more")
	page = webtest.Get(h, at)
	require.Contains(t, page, "15 min")
	require.Contains(t, page, "signed here by Ines", "a review says whose check it rests on")
}

// seen returns what the review says of its processes.
func seen(page string) string {
	return regexp.MustCompile(`It rests on .*? rows`).FindString(page)
}

// An export is a file too: it signs nothing in the kitchen that reads it in.
func TestImportedDumpSignsNothing(t *testing.T) {
	s, a := webtest.New(t, false)
	h := s.Handler()
	ctx := context.Background()
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/library/plums/check", checkForm("r0m0", "18", "r0m1", "23", "r0m2", "28", "r0m3", "33", "sure", "1")).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/procedures", ownForm1()).Code)
	require.Equal(t, 18, s.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value)
	dump, err := a.Export(ctx)
	require.NoError(t, err)

	other := t.TempDir()
	require.NoError(t, store.Import(ctx, other, dump))
	b, err := store.Open(other)
	require.NoError(t, err)
	t.Cleanup(func() { _ = b.Close() })
	again, err := web.New(ctx, b, webtest.Shipped, knowledge.ParseProcedures)
	require.NoError(t, err)
	require.Equal(t, 20, again.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value)
	require.Nil(t, again.Shelves.Now().Lib.Procedures.ByID("own-quince-in-light-syrup"))
	page := webtest.Get(again.Handler(), "/check")
	require.Contains(t, page, "18/23/28/33 minutes is less than the 20/25/30/35 of the library")
	require.Contains(t, page, "Quince in light syrup")
}

// A procedure that is stored and cannot be used is set aside: the server starts, and says so.
func TestUnusableProcedureIsSetAside(t *testing.T) {
	_, st := webtest.New(t, false)
	bad := *webtest.Shipped.Procedures.ByID("plums")
	bad.ID, bad.Title, bad.Rows = "own-bad", "Bad", nil
	require.NoError(t, st.AddProcedures(context.Background(), []*procedure.Procedure{&bad}, "Ines", "Ines"))
	s, err := web.New(context.Background(), st, webtest.Shipped, knowledge.ParseProcedures)
	require.NoError(t, err)
	h := s.Handler()
	require.Nil(t, s.Shelves.Now().Lib.Procedures.ByID("own-bad"))
	require.Contains(t, webtest.Get(h, "/check"), "is no whole procedure")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/procedures/own-bad/sign", url.Values{"by": {"Ines"}, "seen": {"1"}}).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/library/own-bad/delete", nil).Code)
	require.NotContains(t, webtest.Get(h, "/check"), "Held back")
}

// A procedure of one's own that asks for less than the library is asked about again,
// and has a name by it.
func TestOwnProcedureBelowTheLibrary(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	plums := ownForm1("title", "Our plums", "name0", "plums", "food0", "plum", "minutes0", "10/15/20/25")
	w := webtest.Do(h, http.MethodPost, "/procedures", plums)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "10/15/20/25 minutes, less than the 20/25/30/35 of Plums")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/procedures", ownForm1("by", "")).Code)
	plums.Set("sure", "1")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/procedures", plums).Code)
	page := webtest.Get(h, "/library/own-our-plum")
	require.Contains(t, page, "signed by Ines")
	require.Contains(t, page, "as entered, not compared")
	beans := ownForm1("title", "Beans in a bath", "name0", "green beans", "food0", "green bean")
	w = webtest.Do(h, http.MethodPost, "/procedures", beans)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "has a pH of")
}
