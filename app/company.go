package app

import (
	"fmt"
	"strconv"
	"strings"
)

// Company is what goes into a canner with another load, as a link or a form names it.
type Company struct {
	Recipe int64
	Jars   int
	Way    string
}

// String names it, for the link that puts both on the stove.
func (c Company) String() string { return fmt.Sprintf("%d:%d:%s", c.Recipe, c.Jars, c.Way) }

// CompanyOf reads what String wrote.
func CompanyOf(text string) (Company, bool) {
	f := strings.SplitN(text, ":", 3)
	if len(f) < 3 || len(text) > 120 {
		return Company{}, false
	}
	id, err1 := strconv.ParseInt(f[0], 10, 64)
	jars, err2 := strconv.Atoi(f[1])
	return Company{id, jars, f[2]}, err1 == nil && err2 == nil && jars > 0
}
