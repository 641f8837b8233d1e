package plan_test

import (
	"context"
	"net/http"
	"net/url"
	"regexp"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/store"
	"damson/web/webtest"
)

var thingField = regexp.MustCompile(`name="thing(\d+)" value="([^"]*)"`)

// A price is typed once, beside what is to be bought, and every plan goes by it.
func TestWhatAJarCosts(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	p := store.Plan{OnDay: "2036-12-05", Clock: "08:30", Dishes: []store.PlanDish{{RecipeID: 13, Jars: 7}}}
	require.NoError(t, st.AddPlan(context.Background(), &p))
	page := webtest.Do(h, http.MethodGet, "/plan/2/quantities", nil).Body.String()
	require.Contains(t, page, "What a jar costs")
	require.NotContains(t, page, "a jar</b>", "nothing is known yet")
	at := map[string]string{}
	for _, m := range thingField.FindAllStringSubmatch(page, -1) {
		at[m[2]] = m[1]
	}
	require.NotContains(t, at, "water", "it has no price")
	form := url.Values{"sign": {"€"}}
	for thing, n := range at {
		form.Set("thing"+n, thing)
		form.Set("unit"+n, "lb")
	}
	set := func(thing, money, unit string) {
		require.Contains(t, at, thing)
		form.Set("money"+at[thing], money)
		form.Set("unit"+at[thing], unit)
	}
	set("carrot", "1,20", "lb")
	set("*lid", "0.3", "each")
	set("*kwh", "0.2", "kwh")
	w := webtest.Do(h, http.MethodPost, "/plan/2/prices", form)
	require.Equal(t, http.StatusSeeOther, w.Code)
	page = webtest.Do(h, http.MethodGet, "/plan/2/quantities", nil).Body.String()
	require.Regexp(t, `about €\d\.\d\d a jar`, page)
	require.Contains(t, page, "lids €2.10")
	require.Regexp(t, `1 of \d things have a price`, page)
	require.Contains(t, page, `value="1.2"`)

	// The other plan knows the lids already; a price that is none is refused, and stays typed.
	require.Contains(t, webtest.Do(h, http.MethodGet, "/plan/1/quantities", nil).Body.String(), "lids €")
	set("carrot", "cheap", "kg")
	w = webtest.Do(h, http.MethodPost, "/plan/2/prices", form)
	require.Equal(t, http.StatusUnprocessableEntity, w.Code)
	require.Contains(t, w.Body.String(), "“cheap” is no price")
	require.Contains(t, w.Body.String(), `value="cheap"`)
	set("carrot", "", "lb")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/plan/2/prices", form).Code)
	require.Contains(t, webtest.Do(h, http.MethodGet, "/plan/2/quantities", nil).Body.String(), "0 of ")
}
