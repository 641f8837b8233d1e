package main

import (
	"io"
	"os"
	"strconv"
	"strings"
	"unicode/utf8"

	"golang.org/x/term"
)

// narrowest is the least width that text is wrapped to.
const narrowest = 40

// width is how many letters a line may have: what COLUMNS says, else what the terminal has.
// It is 0 where the text goes to a file or to another program, which want a line for a line.
func width(w io.Writer) int {
	if n, err := strconv.Atoi(os.Getenv("COLUMNS")); err == nil {
		return max(n, narrowest)
	}
	f, ok := w.(*os.File)
	if !ok || !term.IsTerminal(int(f.Fd())) {
		return 0
	}
	n, _, err := term.GetSize(int(f.Fd()))
	if err != nil || n <= 0 {
		return 0
	}
	return max(n, narrowest)
}

// wrap breaks the lines of text at blanks so that none is wider than width, 0 for no limit. What
// goes on stands two letters further in than its line began.
func wrap(text string, width int) string {
	if width == 0 {
		return text
	}
	var b strings.Builder
	for line := range strings.Lines(text) {
		body := strings.TrimLeft(line, " ")
		indent := strings.Repeat(" ", len(line)-len(body))
		b.WriteString(indent)
		at := len(indent)
		for i, word := range strings.Fields(body) {
			n := utf8.RuneCountInString(word)
			switch {
			case i == 0:
			case at+1+n > width:
				b.WriteString("\n" + indent + "  ")
				at = len(indent) + 2
			default:
				b.WriteByte(' ')
				at++
			}
			b.WriteString(word)
			at += n
		}
		if strings.HasSuffix(line, "\n") {
			b.WriteByte('\n')
		}
	}
	return b.String()
}
