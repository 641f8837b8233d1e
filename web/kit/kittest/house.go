package kittest

import (
	"context"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/app"
	"damson/demo"
	"damson/knowledge"
	"damson/store"
)

// House is the demo kitchen with what is done in it, without its pages.
func House(t testing.TB) *app.House {
	t.Helper()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	require.NoError(t, demo.Fill(context.Background(), st, time.Now()))
	lib, err := knowledge.Load()
	require.NoError(t, err)
	house, err := app.Open(context.Background(), st, lib, nil)
	require.NoError(t, err)
	return house
}
