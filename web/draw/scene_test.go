package draw

import (
	"bytes"
	"encoding/xml"
	"errors"
	"image/color"
	"image/png"
	"io"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/acidity"
)

func sketch() *Scene {
	s := &Scene{W: 100, H: 60, Says: `a "sketch" <of> things`}
	s.rect(10, 10, 30, 20, inkPlum)
	s.line(point{0, 50}, point{100, 50}, inkStop, 4)
	s.curve([]point{{0, 0}, {50, 30}, {100, 0}}, inkKnow, 2)
	s.area([]point{{60, 10}, {90, 10}, {75, 40}}, inkClear)
	s.write(point{50, 58}, letters{10, "middle", inkText, true}, `<b>&"`)
	return s
}

// The SVG is well-formed XML, whatever the texts hold, and has no style or
// script.
func TestSceneAsSVG(t *testing.T) {
	svg := string(sketch().SVG())
	d := xml.NewDecoder(strings.NewReader(svg))
	shapes := 0
	for {
		tok, err := d.Token()
		if errors.Is(err, io.EOF) {
			break
		}
		require.NoError(t, err)
		if e, ok := tok.(xml.StartElement); ok {
			require.NotContains(t, []string{"script", "style", "foreignObject"}, e.Name.Local)
			for _, a := range e.Attr {
				require.NotEqual(t, "style", a.Name.Local)
				require.False(t, strings.HasPrefix(a.Name.Local, "on"), a.Name.Local)
			}
			if e.Name.Local == "path" || e.Name.Local == "text" {
				shapes++
			}
		}
	}
	require.Equal(t, 5, shapes)
	require.Contains(t, svg, "&lt;b&gt;&amp;&#34;")
}

// The PNG has the colours where the shapes are, at any scale.
func TestSceneAsPNG(t *testing.T) {
	for _, scale := range []float64{1, 2, 3} {
		data, err := sketch().PNG(scale)
		require.NoError(t, err)
		img, err := png.Decode(bytes.NewReader(data))
		require.NoError(t, err)
		require.Equal(t, int(100*scale), img.Bounds().Dx())
		at := func(x, y float64) color.RGBA {
			r, g, b, a := img.At(int(x*scale), int(y*scale)).RGBA()
			return color.RGBA{uint8(r >> 8), uint8(g >> 8), uint8(b >> 8), uint8(a >> 8)}
		}
		require.Equal(t, inkOf(inkPlum), at(20, 20))
		require.Equal(t, inkOf(inkStop), at(30, 50))
		require.Equal(t, inkOf(inkClear), at(75, 20))
		require.Equal(t, color.RGBA{255, 255, 255, 255}, at(97, 30), "the ground is white")
		dark := 0
		for x := 30.0; x < 70; x++ {
			if c := at(x, 55); c.R < 128 {
				dark++
			}
		}
		require.Positive(t, dark, "the text is drawn")
	}
	require.Equal(t, color.RGBA{A: 255}, inkOf("no colour"))
}

// The pictures say in words what they show.
func TestPicturesSayWhatTheyShow(t *testing.T) {
	p := Foods([]Food{{"onion", 5.3, 5.6}, {"lemon juice", 2, 2.6}, {"hominy", 6.9, 7.9}})
	require.Contains(t, p.Says, "lemon juice 2.0 to 2.6; onion 5.3 to 5.6", "the most acid first")
	require.Contains(t, string(p.SVG()), "◂")
	require.Contains(t, string(p.SVG()), "▸")
	low, mid, high := 3.9, 4.2, 4.7
	require.Contains(t, Mix(acidity.Estimate{Low: &low, Mid: &mid, High: &high}).Says, "pH 3.9 to 4.7, about 4.2")
	require.NotContains(t, Mix(acidity.Estimate{}).Says, "pH 0")
	require.NotPanics(t, func() { Titration(nil).SVG() })
	require.Contains(t, string(Titration([]acidity.Point{{Added: 0, Low: 4, Mid: 4.5, High: 5},
		{Added: 6, Low: 3, Mid: 3.5, High: 4}}).SVG()), "grams of citric acid")
}
