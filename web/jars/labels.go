package jars

import (
	"bytes"
	"fmt"
	"html"
	"net/http"
	"strconv"
	"strings"

	"codeberg.org/go-pdf/fpdf"
	"github.com/gin-gonic/gin"
	"github.com/skip2/go-qrcode"

	"damson/core/label"
	"damson/store"
	"damson/web/kit"
)

// mostLabels is how many are printed at once.
const mostLabels = 200

// labelsPDF prints labels of a lot on a sheet, behind those that are used up.
func (p *Pages) labelsPDF(c *gin.Context) error {
	l, x, err := p.labelled(c)
	if l == nil {
		return err
	}
	sheet, ok := label.SheetBy(c.Query("sheet"))
	if !ok {
		sheet = label.Sheets[0]
	}
	n, err := strconv.Atoi(c.Query("n"))
	if err != nil || n < 1 {
		n = max(l.Left(), 1)
	}
	skip, _ := strconv.Atoi(c.Query("skip"))
	var code [][]bool
	if c.Query("code") != "" {
		if code, err = codeOf(c, l.ID); err != nil {
			return err
		}
	}
	data, err := pdf(x, &sheet, min(n, mostLabels), skip, code)
	if err != nil {
		return err
	}
	c.Header("Content-Disposition", fmt.Sprintf(`inline; filename="labels-%d.pdf"`, l.ID))
	c.Data(http.StatusOK, "application/pdf", data)
	return nil
}

// labelled is the lot that the request is for, with its label; nil where it gets none, and has been answered so.
func (p *Pages) labelled(c *gin.Context) (*store.Lot, label.Label, error) {
	l, err := p.store.Lot(c.Request.Context(), kit.Number(c))
	if err != nil {
		return nil, label.Label{}, p.missing(c, err)
	}
	if l.Doubt != "" {
		p.Fail(c, http.StatusConflict, "These jars get no labels. "+l.Doubt,
			"The page of the lot says what is done with them.")
		return nil, label.Label{}, nil
	}
	x, err := p.label(c, &l)
	if err != nil {
		return nil, x, err
	}
	return &l, x, nil
}

// codeOf is the QR code of the page of a lot, at the address by which this page is open.
func codeOf(c *gin.Context, lot int64) ([][]bool, error) {
	scheme := "http"
	if c.Request.TLS != nil {
		scheme = "https"
	}
	q, err := qrcode.New(fmt.Sprintf("%s://%s/shelf/%d", scheme, c.Request.Host, lot), qrcode.Low)
	if err != nil {
		return nil, err
	}
	q.DisableBorder = true // the label's own edge is its quiet zone
	return q.Bitmap(), nil
}

// mostCode is the side of a code on a label, in mm.
const mostCode = 18

// stamp draws a code into the right end of a label, and returns how much room it takes.
func stamp(f *fpdf.Fpdf, s *label.Sheet, at label.Place, pad float64, code [][]bool) float64 {
	if len(code) == 0 {
		return 0
	}
	side := min(s.Height-2*pad, mostCode)
	one := side / float64(len(code))
	left, top := at.X+s.Width-pad-side, at.Y+(s.Height-side)/2
	f.SetFillColor(0, 0, 0)
	for y, row := range code {
		for x := 0; x < len(row); x++ {
			from := x
			for x < len(row) && row[x] {
				x++
			}
			if x > from { // squares that touch are one, or a printer leaves white lines between them
				f.Rect(left+float64(from)*one, top+float64(y)*one, float64(x-from)*one, one, "F")
			}
		}
	}
	return side + pad
}

func pdf(l label.Label, s *label.Sheet, n, skip int, code [][]bool) ([]byte, error) {
	f := kit.NewPDF(s.Paper)
	f.SetAutoPageBreak(false, 0)
	f.SetTitle("Labels", true)
	page := -1
	for _, at := range s.Places(n, skip) {
		if at.Page != page {
			f.AddPage()
			page = at.Page
		}
		const pad = 2.5
		title, _ := kit.InFace(l.Title)
		wide := s.Width - 2*pad - stamp(f, s, at, pad, code)
		size := 13.0
		for f.SetFont("go", "B", size); size > 6 && f.GetStringWidth(title) > wide; size-- {
			f.SetFont("go", "B", size-1)
		}
		line := max(min((s.Height-2*pad)/float64(len(l.Lines)+1), 6), 3)
		f.SetXY(at.X+pad, at.Y+pad)
		f.CellFormat(wide, line, title, "", 2, "L", false, 0, "")
		f.SetFont("go", "", min(9.5, line*2.2))
		for _, text := range l.Lines {
			shown, _ := kit.InFace(text)
			f.CellFormat(wide, line, shown, "", 2, "L", false, 0, "")
		}
	}
	var b bytes.Buffer
	err := f.Output(&b)
	return b.Bytes(), err
}

// labelSVG draws one label.
func (p *Pages) labelSVG(c *gin.Context) error {
	l, x, err := p.labelled(c)
	if l == nil {
		return err
	}
	var b strings.Builder
	fmt.Fprintf(&b, `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 %d" width="300" role="img"><title>%s</title><rect x="1" y="1" width="298" height="%d" fill="#fffdf9" stroke="#241a22"/>`, 52+20*len(x.Lines), html.EscapeString(x.Title), 50+20*len(x.Lines))
	size := 22.0
	if wide := float64(len([]rune(x.Title))) * 11; wide > 272 {
		size = max(22*272/wide, 9)
	}
	fmt.Fprintf(&b, `<text x="14" y="34" font-family="serif" font-weight="700" font-size="%.1f">%s</text>`, size,
		html.EscapeString(x.Title))
	for i, text := range x.Lines {
		fmt.Fprintf(&b, `<text x="14" y="%d" font-family="sans-serif" font-size="14">%s</text>`, 58+20*i,
			html.EscapeString(text))
	}
	b.WriteString("</svg>")
	c.Data(http.StatusOK, "image/svg+xml", []byte(b.String()))
	return nil
}
