package jars

import (
	"bytes"
	"context"
	"mime/multipart"
	"net/http"
	"net/http/httptest"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/store"
)

func sendList(t *testing.T, h http.Handler, once, list string) (int, string) {
	t.Helper()
	var b bytes.Buffer
	w := multipart.NewWriter(&b)
	require.NoError(t, w.WriteField("once", once))
	f, err := w.CreateFormFile("file", "jars.csv")
	require.NoError(t, err)
	_, _ = f.Write([]byte(list))
	require.NoError(t, w.Close())
	r := httptest.NewRequest(http.MethodPost, "/shelf", &b)
	r.Header.Set("Content-Type", w.FormDataContentType())
	rec := httptest.NewRecorder()
	h.ServeHTTP(rec, r)
	return rec.Code, rec.Body.String()
}

// A spreadsheet becomes lots that nobody judged: they say so, and ask for the boil before tasting,
// whatever is in them. Sent twice it counts once; a wrong line keeps the whole list out.
func TestBringIn(t *testing.T) {
	h, st := newPages(t)
	ctx := context.Background()
	require.NoError(t, st.SetUp(ctx, &store.Kitchen{ID: 1, Name: "Cinder Flat Grange", ElevationFt: 5240}))
	const list = "product,jar,left,canned on,place,note\nBeets <b>,pint,5,September 2026,cellar,\"=1+1\"\nPears,,3,2025,,\n"
	for range 2 {
		code, _ := sendList(t, h, "abc", list)
		require.Equal(t, http.StatusSeeOther, code)
	}
	lots, err := st.Lots(ctx, "", 10)
	require.NoError(t, err)
	require.Len(t, lots, 2)
	require.Equal(t, 15, lots[1].Boil, "10 minutes and one for each 1,000 ft")
	_, page := get(h, "/shelf?new=2")
	for _, want := range []string{"canned elsewhere, not judged", "Lots that came in: 2", "Beets &lt;b&gt;", "5 pints", "3 jars"} {
		require.Contains(t, page, want)
	}
	_, page = get(h, "/shelf/2")
	require.Contains(t, page, "nobody here knows its process")
	require.Contains(t, page, "are not eaten, boiled or not, unless whoever canned them used a pressure canner")
	_, label := get(h, "/shelf/2/label.svg")
	require.Contains(t, label, "Canned elsewhere, process unknown")
	require.Contains(t, page, "Boil it 15 minutes before anybody tastes it")

	code, page := sendList(t, h, "x", "product,left,canned on\nPlums,2,2025\nPeas,2,3/4/26\n")
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "Nothing was taken in. Line 3:")
	code, page = sendList(t, h, "y", strings.Repeat("x", maxList+1))
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "larger than 512 KiB")
	lots, err = st.Lots(ctx, "", 10)
	require.NoError(t, err)
	require.Len(t, lots, 2)
	code, page = post(h, "/shelf", nil)
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "Choose a file first.")
}
