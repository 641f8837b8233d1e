package kitchen_test

import (
	"context"
	"damson/web/webtest"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
)

// A new kitchen has the canners that somebody said they have, and no other.
func TestOnlyWhatWasEntered(t *testing.T) {
	for bath, want := range map[string][]string{"": {"Weighted-gauge canner"}, "yes": {"Weighted-gauge canner", "Water-bath canner"}} {
		s, st := webtest.New(t, false)
		require.Equal(t, http.StatusSeeOther, webtest.Do(s.Handler(), http.MethodPost, "/kitchen", url.Values{"name": {"K"}, "elevation": {"300 ft"}, "canner": {"2"}, "bath": {bath}}).Code)
		k, err := st.Kitchen(context.Background())
		require.NoError(t, err)
		var names []string
		for _, c := range k.Canners {
			names = append(names, c.Name)
		}
		require.Equal(t, want, names)
		require.Equal(t, "weighted", k.Gauge())
	}
}

// A canner's figures are read with their limits, and what was typed stays in the fields.
func TestCannerFigures(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	for what, form := range map[string]url.Values{
		"no number of jars":      {"name": {"Tall"}, "kind": {"pressure"}, "gauge": {"dial"}, "quarts": {"many"}},
		"no number of quarts":    {"name": {"Tall"}, "kind": {"pressure"}, "gauge": {"dial"}, "quarts": {"7"}, "water": {"a lot"}},
		"A day is written like":  {"name": {"Tall"}, "kind": {"pressure"}, "gauge": {"dial"}, "quarts": {"7"}, "tested": {"last June"}},
		"What is the canner":     {"kind": {"pressure"}},
		"no longer in the kitch": {"id": {"77"}, "name": {"Tall"}, "kind": {"pressure"}},
	} {
		w := webtest.Do(h, http.MethodPost, "/canners", form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, what)
		require.Contains(t, w.Body.String(), what)
		if form.Has("name") {
			require.Contains(t, w.Body.String(), `value="Tall"`, what)
			_, refused, _ := strings.Cut(w.Body.String(), `class="problem"`)
			refused, _, _ = strings.Cut(refused, "</form>")
			require.Contains(t, refused, `name="rack"`, what)
			require.NotContains(t, refused, "checked", "a box that was not ticked")
		}
	}
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	require.Len(t, k.Canners, 4, "nothing was stored")
}
