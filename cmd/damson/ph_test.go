package main

import (
	"encoding/json"
	"testing"

	"github.com/stretchr/testify/require"
)

func TestPH(t *testing.T) {
	out, code, _ := call(t, "Dilly beans\n4 lb green beans\n4 cups white vinegar (5 %)\n4 cups water\n1/2 cup salt\n", "ph", "--json", "-")
	require.Equal(t, 0, code)
	var got struct {
		Acidity struct {
			Class   string   `json:"class"`
			Low     *float64 `json:"ph_low"`
			Mid     *float64 `json:"ph_mid"`
			High    *float64 `json:"ph_high"`
			Above   *float64 `json:"p_above"`
			Drivers []struct {
				Food  string  `json:"food"`
				Delta float64 `json:"delta"`
			} `json:"drivers"`
		} `json:"acidity"`
	}
	require.NoError(t, json.Unmarshal([]byte(out), &got))
	require.Equal(t, "acidified", got.Acidity.Class)
	require.True(t, *got.Acidity.Low < *got.Acidity.Mid && *got.Acidity.Mid < *got.Acidity.High && *got.Acidity.High < 4.6)
	require.Equal(t, 0.0, *got.Acidity.Above)
	require.NotEmpty(t, got.Acidity.Drivers)

	out, code, _ = call(t, "Stew\n4 lb carrots\n1 cup flumjack\n", "ph", "-")
	require.Equal(t, 0, code)
	require.Contains(t, out, "not counted: flumjack (line 3)")
	require.Contains(t, out, "An estimate explains")

	out, code, _ = call(t, "Salsa\n5 lb tomatoes\n2 lb onions\n", "review", "--json", "-")
	require.NotEqual(t, 1, code)
	require.Contains(t, out, `"ph_mid":4.`)
	_, code, err := call(t, "", "ph")
	require.Equal(t, exitUsage, code)
	require.ErrorContains(t, err, "name at least one file")
}
