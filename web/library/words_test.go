package library

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
)

func TestBandWords(t *testing.T) {
	bands, err := procedure.ParseBands(map[string]int{"0-1000": 20, "1001-3000": 25, "3001-6000": 30, "6001+": 35})
	require.NoError(t, err)
	require.Equal(t, "20 to 1,000 ft · 25 to 3,000 ft · 30 to 6,000 ft · 35 above", bandWords(bands))
	dial, err := procedure.ParseBands(map[string]int{"0-2000": 11, "2001-4000": 12})
	require.NoError(t, err)
	require.Equal(t, "11 to 2,000 ft · 12 to 4,000 ft", bandWords(dial), "no band is filled in")
	require.Equal(t, "20", bandWords(procedure.Everywhere(20)))
}
