package kit

import (
	"testing"

	"github.com/stretchr/testify/require"
)

// A field's value never leaves its field.
func TestVals(t *testing.T) {
	for name, want := range map[string]string{"plum": `{"name":"plum"}`, `a"b`: `{"name":"a\"b"}`, "</script>": `{"name":"\u003c/script\u003e"}`} {
		got, err := vals("name", name)
		require.NoError(t, err)
		require.Equal(t, want, got)
	}
}

func TestFigures(t *testing.T) {
	require.Equal(t, []string{"13.5", "2", "0.25"}, []string{Decimal(13.5), Decimal(2), Decimal(0.25)})
	require.Equal(t, "212.0 °F (100.0 °C)", Degrees(212))
	require.Equal(t, "1 in (25 mm)", Inches(1))
	require.Equal(t, "13 psi (90 kPa)", Pounds(13))
	require.Equal(t, "a lot", Cut("  a lot of words", 7))
	require.Equal(t, "caf", Cut("café", 4), "half a letter is none")
}
