package draw

import (
	"bytes"
	"fmt"
	"html"
	"html/template"
	"image"
	"image/color"
	"image/draw"
	"image/png"
	"math"
	"strings"

	"golang.org/x/image/font"
	"golang.org/x/image/font/opentype"
	"golang.org/x/image/math/fixed"
	"golang.org/x/image/vector"

	"damson/web/kit"
)

// Scene is a drawing that can be written as SVG and as PNG. Colours stand in
// its attributes, so the file looks the same outside the page.
type Scene struct {
	W, H float64
	// Says tells the picture to who does not see it.
	Says   string
	shapes []shape
}

// shape is a filled or stroked line of points, or a text.
type shape struct {
	points []point
	closed bool
	fill   string // #rrggbb, "" for none
	stroke string
	width  float64
	dash   float64

	text   string
	size   float64
	anchor string // start, middle, end
	bold   bool
}

type point struct{ x, y float64 }

func (s *Scene) rect(x, y, w, h float64, fill string) {
	s.shapes = append(s.shapes, shape{points: []point{{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}}, closed: true,
		fill: fill})
}

func (s *Scene) line(a, b point, stroke string, width float64) {
	s.shapes = append(s.shapes, shape{points: []point{a, b}, stroke: stroke, width: width})
}

func (s *Scene) curve(points []point, stroke string, width float64) {
	s.shapes = append(s.shapes, shape{points: points, stroke: stroke, width: width})
}

func (s *Scene) area(points []point, fill string) {
	s.shapes = append(s.shapes, shape{points: points, closed: true, fill: fill})
}

// letters say how a text is written; anchor is start, middle or end.
type letters struct {
	size         float64
	anchor, fill string
	bold         bool
}

func (s *Scene) write(at point, l letters, text string) {
	s.shapes = append(s.shapes, shape{points: []point{at}, text: text, size: l.size, anchor: l.anchor, fill: l.fill,
		bold: l.bold})
}

// SVG writes the scene. A picture of the page takes the page's typeface.
func (s *Scene) SVG() template.HTML {
	var b strings.Builder
	fmt.Fprintf(&b, `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %g %g" width="%g" height="%g" role="img"`,
		s.W, s.H, s.W, s.H)
	fmt.Fprintf(&b, ` aria-label="%s" font-family="Commissioner, 'Segoe UI', sans-serif">`, html.EscapeString(s.Says))
	for _, x := range s.shapes {
		if x.text != "" {
			weight := ""
			if x.bold {
				weight = ` font-weight="700"`
			}
			fmt.Fprintf(&b, `<text x="%.1f" y="%.1f" font-size="%g" text-anchor="%s" fill="%s"%s>%s</text>`, x.points[0].x,
				x.points[0].y, x.size, x.anchor, x.fill, weight, html.EscapeString(x.text))
			continue
		}
		fmt.Fprintf(&b, `<path d="`)
		for i, p := range x.points {
			fmt.Fprintf(&b, "%c%.1f %.1f", "ML"[min(i, 1)], p.x, p.y)
		}
		if x.closed {
			b.WriteByte('Z')
		}
		fill, stroke := x.fill, ""
		if fill == "" {
			fill = "none"
		}
		if x.stroke != "" {
			stroke = fmt.Sprintf(` stroke="%s" stroke-width="%g"`, x.stroke, x.width)
		}
		if x.dash > 0 {
			stroke += fmt.Sprintf(` stroke-dasharray="%g"`, x.dash)
		}
		fmt.Fprintf(&b, `" fill="%s"%s/>`, fill, stroke)
	}
	b.WriteString("</svg>")
	return template.HTML(b.String()) //nolint:gosec // every text in it was escaped above
}

// PNG writes the scene at a scale, on white.
func (s *Scene) PNG(scale float64) ([]byte, error) {
	w, h := int(math.Ceil(s.W*scale)), int(math.Ceil(s.H*scale))
	img := image.NewRGBA(image.Rect(0, 0, w, h))
	draw.Draw(img, img.Bounds(), image.White, image.Point{}, draw.Src)
	for _, x := range s.shapes {
		if x.text != "" {
			if err := drawText(img, x, scale); err != nil {
				return nil, err
			}
			continue
		}
		if x.fill != "" {
			fillPath(img, x.points, scale, x.fill)
		}
		if x.stroke == "" {
			continue
		}
		for i := 0; i+1 < len(x.points); i++ {
			strokeLine(img, x.points[i], x.points[i+1], &x, scale)
		}
	}
	var b bytes.Buffer
	err := (&png.Encoder{CompressionLevel: png.BestSpeed}).Encode(&b, img)
	return b.Bytes(), err
}

// fillPath fills a shape. Only the part of the picture that it lies in is gone through.
func fillPath(img *image.RGBA, points []point, scale float64, fill string) {
	box := boundsOf(points, scale).Intersect(img.Bounds())
	if box.Empty() {
		return
	}
	if onDots(points, scale) {
		draw.Draw(img, box, image.NewUniform(inkOf(fill)), image.Point{}, draw.Over)
		return
	}
	r := vector.NewRasterizer(box.Dx(), box.Dy())
	for i, p := range points {
		x, y := float32(p.x*scale-float64(box.Min.X)), float32(p.y*scale-float64(box.Min.Y))
		if i == 0 {
			r.MoveTo(x, y)
		} else {
			r.LineTo(x, y)
		}
	}
	r.ClosePath()
	r.Draw(img, box, image.NewUniform(inkOf(fill)), image.Point{})
}

// onDots reports whether the shape is a field whose sides lie between dots.
func onDots(points []point, scale float64) bool {
	if len(points) != 4 {
		return false
	}
	for i, p := range points {
		q := points[(i+1)%4]
		if p.x != q.x && p.y != q.y || p.x*scale != math.Trunc(p.x*scale) || p.y*scale != math.Trunc(p.y*scale) {
			return false
		}
	}
	return true
}

// boundsOf is the smallest field of whole dots that holds the points.
func boundsOf(points []point, scale float64) image.Rectangle {
	low, high := point{math.Inf(1), math.Inf(1)}, point{math.Inf(-1), math.Inf(-1)}
	for _, p := range points {
		low = point{min(low.x, p.x*scale), min(low.y, p.y*scale)}
		high = point{max(high.x, p.x*scale), max(high.y, p.y*scale)}
	}
	return image.Rect(int(math.Floor(low.x)), int(math.Floor(low.y)), int(math.Ceil(high.x)), int(math.Ceil(high.y)))
}

// strokeLine draws a line as a thin rectangle, in pieces where it is dashed.
func strokeLine(img *image.RGBA, a, b point, x *shape, scale float64) {
	dx, dy := b.x-a.x, b.y-a.y
	long := math.Hypot(dx, dy)
	if long == 0 {
		return
	}
	ux, uy := dx/long, dy/long
	nx, ny := -uy*x.width/2, ux*x.width/2
	piece := long
	if x.dash > 0 {
		piece = x.dash
	}
	for at := 0.0; at < long; at += 2 * piece {
		end := math.Min(at+piece, long)
		p, q := point{a.x + ux*at, a.y + uy*at}, point{a.x + ux*end, a.y + uy*end}
		fillPath(img, []point{{p.x + nx, p.y + ny}, {q.x + nx, q.y + ny}, {q.x - nx, q.y - ny}, {p.x - nx, p.y - ny}},
			scale, x.stroke)
	}
}

func drawText(img *image.RGBA, x shape, scale float64) error {
	fonts, err := kit.Faces()
	if err != nil {
		return err
	}
	face, err := opentype.NewFace(fonts[x.bold], &opentype.FaceOptions{Size: x.size * scale, DPI: 72})
	if err != nil {
		return err
	}
	defer face.Close()
	d := font.Drawer{Dst: img, Src: image.NewUniform(inkOf(x.fill)), Face: face}
	at := fixed.Int26_6(x.points[0].x * scale * 64)
	switch wide := d.MeasureString(x.text); x.anchor {
	case "middle":
		at -= wide / 2
	case "end":
		at -= wide
	}
	d.Dot = fixed.Point26_6{X: at, Y: fixed.Int26_6(x.points[0].y * scale * 64)}
	d.DrawString(x.text)
	return nil
}

// inkOf reads #rrggbb; what is none is black.
func inkOf(s string) color.RGBA {
	var r, g, b uint8
	if _, err := fmt.Sscanf(s, "#%02x%02x%02x", &r, &g, &b); err != nil {
		return color.RGBA{A: 0xff}
	}
	return color.RGBA{r, g, b, 0xff}
}

// The colours of drawings: those of the page.
const (
	inkPlum   = "#4a1a3c"
	inkText   = "#241a22"
	inkQuiet  = "#5c5059"
	inkRule   = "#d9cfc6"
	sideAcid  = "#f3e6ef"
	sideLow   = "#eef0ea"
	inkBar    = "#9c7f92"
	inkKnow   = "#31597a"
	inkChange = "#8f4509"
	inkStop   = "#9b1c1c"
	inkClear  = "#2e6b3c"
)
