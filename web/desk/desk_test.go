package desk

import (
	"context"
	"net/http"
	"sync"
	"testing"

	"github.com/gin-gonic/gin"
	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/store"
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

func reviewHere(t *testing.T, text string) *review.Result {
	s, _ := pagesHere(t)
	k, err := s.Store.Kitchen(context.Background())
	require.NoError(t, err)
	return s.Reviews.Of(store.Recipe{ID: 1, Text: text, Title: "x"}, k)
}

func TestDeskWords(t *testing.T) {
	for text, want := range map[string]string{
		"Peaches\n10 lb peaches, peeled\nwater\nHot pack in pints.": "Can it: water bath, 30 min in pints",
		"Green beans\n4 lb green beans\nwater\n1 cup cream":         "Answer: leave the cream out",
		"White peaches\n10 lb white peaches\nwater":                 "Answer today: another plan is needed",
		"My salsa\n4 cups tomatoes\n3 cups mango\n1 cup corn":       "Offer the refrigerator, the freezer, or a tested recipe",
	} {
		require.Equal(t, want, deskNext(reviewHere(t, text)), text)
	}
	require.Equal(t, "2 stop · 1 clear", countWords(map[review.Verdict]int{"stop": 2, "clear": 1}, 3))
	require.Empty(t, countWords(nil, 0))
}

// A recipe that cannot even be read without a fault of Damson's own stops no other, and no house.
func TestSideBySide(t *testing.T) {
	var seen sync.Map
	sideBySide([]store.Recipe{{ID: 1}, {ID: 2}, {ID: 3}}, func(r store.Recipe) {
		if r.ID == 2 {
			panic("unread")
		}
		seen.Store(r.ID, true)
	})
	for id, want := range map[int64]bool{1: true, 2: false, 3: true} {
		_, have := seen.Load(id)
		require.Equal(t, want, have, id)
	}
}
