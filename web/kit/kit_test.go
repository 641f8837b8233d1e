package kit

import (
	"net/http"
	"net/http/httptest"
	"net/url"
	"strings"
	"testing"

	"github.com/gin-gonic/gin"
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

// A form is read into its struct: each field cut to what it may have, a box by whether it is ticked.
func TestTyped(t *testing.T) {
	var f struct {
		Name string `form:"name"`
		Note string `form:"note" most:"200"`
		Wide bool   `form:"wide"`
		Deep bool   `form:"deep"`
		None string `form:"none"`
	}
	long := strings.Repeat("x", 300)
	c, _ := gin.CreateTestContext(httptest.NewRecorder())
	c.Request = &http.Request{PostForm: url.Values{"name": {" " + long}, "note": {long}, "wide": {"yes"}, "deep": {""}, "None": {"another"}}}
	Typed(c, &f)
	require.Equal(t, []any{119, 200, true, false, ""}, []any{len(f.Name), len(f.Note), f.Wide, f.Deep, f.None})
}

func TestFigures(t *testing.T) {
	require.Equal(t, []string{"13.5", "2", "0.25"}, []string{Decimal(13.5), Decimal(2), Decimal(0.25)})
	require.Equal(t, "212.0 °F (100.0 °C)", Degrees(212))
	require.Equal(t, "1 in (25 mm)", Inches(1))
	require.Equal(t, "13 psi (90 kPa)", Pounds(13))
	require.Equal(t, "a lot", Cut("  a lot of words", 7))
	require.Equal(t, "caf", Cut("café", 4), "half a letter is none")
}
