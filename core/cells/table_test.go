package cells_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/cells"
)

// The same row parted by each mark, with an empty cell in it: no cell takes the place of another.
func TestEmptyCellsStay(t *testing.T) {
	names := map[string][]string{"time": {"time"}, "temp": {"temp c", "temperature c"}, "ph": {"ph"}}
	for mark, text := range map[rune]string{
		',':  "\uFEFFTime, Temp (C), pH\n08:00, , 3.9\n",
		';':  "Time;temp_c;pH\n08:00;;3.9\n",
		'\t': "Time\tTemperature [C]\tpH\n08:00\t\t3.9\n",
	} {
		r := cells.NewReader([]byte(text), mark)
		head, err := r.Read()
		require.NoError(t, err)
		at := cells.Columns(head, names)
		require.Len(t, at, 3, "%q", mark)
		row, err := r.Read()
		require.NoError(t, err)
		require.Equal(t, []string{"08:00", "", "3.9", ""}, []string{cells.Cell(row, at, "time"), cells.Cell(row, at, "temp"), cells.Cell(row, at, "ph"), cells.Cell(row, at, "hours")}, "%q", mark)
	}
}
