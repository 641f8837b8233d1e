package jars

import (
	"bytes"
	"fmt"
	"html"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/label"
	"damson/web/kit"
)

// mostLabels is how many are printed at once.
const mostLabels = 200

// labelsPDF prints labels of a lot on a sheet, behind those that are used up.
func (p *Pages) labelsPDF(c *gin.Context) error {
	l, err := p.store.Lot(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	if l.Doubt != "" {
		p.Fail(c, http.StatusConflict, "These jars get no labels. "+l.Doubt,
			"The page of the lot says what is done with them.")
		return nil
	}
	x, err := p.label(c, &l)
	if err != nil {
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
	data, err := pdf(x, &sheet, min(n, mostLabels), skip)
	if err != nil {
		return err
	}
	c.Header("Content-Disposition", fmt.Sprintf(`inline; filename="labels-%d.pdf"`, l.ID))
	c.Data(http.StatusOK, "application/pdf", data)
	return nil
}

func pdf(l label.Label, s *label.Sheet, n, skip int) ([]byte, error) {
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
		size := 13.0
		for f.SetFont("go", "B", size); size > 6 && f.GetStringWidth(title) > s.Width-2*pad; size-- {
			f.SetFont("go", "B", size-1)
		}
		line := max(min((s.Height-2*pad)/float64(len(l.Lines)+1), 6), 3)
		f.SetXY(at.X+pad, at.Y+pad)
		f.CellFormat(s.Width-2*pad, line, title, "", 2, "L", false, 0, "")
		f.SetFont("go", "", min(9.5, line*2.2))
		for _, text := range l.Lines {
			shown, _ := kit.InFace(text)
			f.CellFormat(s.Width-2*pad, line, shown, "", 2, "L", false, 0, "")
		}
	}
	var b bytes.Buffer
	err := f.Output(&b)
	return b.Bytes(), err
}

// labelSVG draws one label.
func (p *Pages) labelSVG(c *gin.Context) error {
	l, err := p.store.Lot(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	x, err := p.label(c, &l)
	if err != nil {
		return err
	}
	var b strings.Builder
	fmt.Fprintf(&b, `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 %d" width="300" role="img"><title>%s</title><rect x="1" y="1" width="298" height="%d" fill="#fffdf9" stroke="#241a22"/>`, 52+20*len(x.Lines), html.EscapeString(x.Title), 50+20*len(x.Lines))
	size := 22.0
	if wide := float64(len([]rune(x.Title))) * 11; wide > 272 {
		size = max(22*272/wide, 9)
	}
	fmt.Fprintf(&b, `<text x="14" y="34" font-family="serif" font-weight="700" font-size="%.1f">%s</text>`, size, html.EscapeString(x.Title))
	for i, text := range x.Lines {
		fmt.Fprintf(&b, `<text x="14" y="%d" font-family="sans-serif" font-size="14">%s</text>`, 58+20*i, html.EscapeString(text))
	}
	b.WriteString("</svg>")
	c.Data(http.StatusOK, "image/svg+xml", []byte(b.String()))
	return nil
}
