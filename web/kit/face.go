package kit

import (
	"strings"
	"sync"
	"unicode"

	"codeberg.org/go-pdf/fpdf"
	"golang.org/x/image/font/gofont/gobold"
	"golang.org/x/image/font/gofont/goregular"
	"golang.org/x/image/font/opentype"
	"golang.org/x/image/font/sfnt"
)

// Faces are the typefaces of files that are drawn, bold or not: Go's own, which ship in the
// binary.
var Faces = sync.OnceValues(func() (map[bool]*opentype.Font, error) {
	plain, err := opentype.Parse(goregular.TTF)
	if err != nil {
		return nil, err
	}
	bold, err := opentype.Parse(gobold.TTF)
	return map[bool]*opentype.Font{false: plain, true: bold}, err
})

// NewPDF returns an empty document on paper of a size, in mm, with the typeface "go".
func NewPDF(paper string) *fpdf.Fpdf {
	f := fpdf.New("P", "mm", paper, "")
	f.AddUTF8FontFromBytes("go", "", goregular.TTF)
	f.AddUTF8FontFromBytes("go", "B", gobold.TTF)
	return f
}

// InFace returns the text with a box for each letter that the typeface of files lacks, and
// whether it has them all.
func InFace(s string) (shown string, all bool) {
	fonts, err := Faces()
	if err != nil {
		panic(err) // the typeface is part of the program
	}
	all = true
	var buf sfnt.Buffer
	shown = strings.Map(func(r rune) rune {
		if i, err := fonts[false].GlyphIndex(&buf, r); err == nil && i != 0 && r <= 0xffff || r == '\n' {
			return r
		}
		if !unicode.IsPrint(r) {
			return -1
		}
		all = false
		return '□'
	}, s)
	return shown, all
}
