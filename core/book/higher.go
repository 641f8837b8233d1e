package book

import (
	"fmt"
	"strconv"
	"strings"

	"damson/core/printed"
	"damson/core/procedure"
)

// Higher fills in the rows of a water bath that hold to 1,000 ft only, by what the book says is
// added to the minutes: "5/10" above 1,000 and 6,000 ft, "5/10/15" above 1,000, 3,000 and 6,000 ft.
// Nothing said leaves them as they are.
func Higher(p *procedure.Procedure, adds string) error {
	if strings.TrimSpace(adds) == "" || p == nil {
		return nil
	}
	var more []int
	for _, x := range strings.FieldsFunc(adds, func(r rune) bool { return r == '/' || r == ',' || r == ' ' || r == '+' }) {
		v, err := strconv.Atoi(x)
		if err != nil || v < 0 || v > 60 || len(more) > 0 && v < more[len(more)-1] {
			return fmt.Errorf("write minutes that rise, as in 5/10/15")
		}
		more = append(more, v)
	}
	columns := map[int][]string{2: procedure.BathColumns3, 3: procedure.BathColumns4}[len(more)]
	if columns == nil {
		return fmt.Errorf("write two figures (above 1,000 and 6,000 ft) or three (above 1,000, 3,000 and 6,000 ft)")
	}
	for i := range p.Rows {
		r := &p.Rows[i]
		if r.Method != procedure.WaterBath || len(r.Minutes) != 1 || r.Minutes[0].High != printed.Lowest {
			continue
		}
		m := map[string]int{columns[0]: r.Minutes[0].Value}
		for k, v := range more {
			m[columns[k+1]] = r.Minutes[0].Value + v
		}
		b, err := procedure.ParseBands(m)
		if err != nil {
			return err
		}
		r.Minutes = b
	}
	return nil
}
