package store

import (
	"context"
	"errors"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"time"
	"unicode/utf8"

	"gorm.io/gorm"
)

// Dump is everything that a kitchen has stored, table by table, so that it can be
// kept as one file of JSON and read in again.
type Dump struct {
	// Version is that of the tables; a newer one is refused.
	Version int `json:"version"`
	// Tables hold the rows as the columns have them.
	Tables map[string][]map[string]any `json:"tables"`
}

// tables are all of them, each behind those that it refers to.
var tables = []string{"kitchens", "canners", "jar_stocks", "recipes", "versions", "checks", "procedures", "choices", "foods", "meters", "calibrations", "readings", "plans", "plan_dishes", "plan_moves", "took", "answers", "runs", "run_events", "run_parts", "lots", "lot_moves", "prices", "spent"}

// Export returns all that is stored, but for what was removed.
func (s *Store) Export(ctx context.Context) (Dump, error) {
	have, err := s.version()
	if err != nil {
		return Dump{}, plain(err)
	}
	d := Dump{Version: have, Tables: map[string][]map[string]any{}}
	err = s.with(ctx).Transaction(func(tx *gorm.DB) error {
		for _, name := range tables {
			if !tx.Migrator().HasTable(name) {
				continue // of a later version
			}
			rows := []map[string]any{}
			if err := tx.Table(name).Order("rowid").Find(&rows).Error; err != nil {
				return fmt.Errorf("%s: %w", name, plain(err))
			}
			for _, row := range rows {
				unsign(name, row)
			}
			d.Tables[name] = rows
		}
		return nil
	})
	return d, err
}

// unsign takes the signature off a check or a procedure, and what lets a logger in off a run:
// both are of this kitchen, and no file carries them out or in.
func unsign(table string, row map[string]any) {
	switch table {
	case "checks", "procedures":
		delete(row, "signed_by")
	case "runs":
		delete(row, "token")
	}
}

// The errors of an import.
var (
	ErrNotEmpty = errors.New("there is data already: import into an empty directory")
	ErrNewer    = errors.New("the file is of a newer Damson")
	errNoExport = errors.New("this is no export of Damson's")
)

// Import makes the database of dir from what Export returned: with the tables of the
// version that the file is of, which are then brought up to date, and looked through
// row by row. All of it comes in or nothing. It fails where dir holds anything, where the
// file is of a newer Damson, and on the first row that cannot be right.
func Import(ctx context.Context, dir string, d Dump) error {
	if d.Version > len(migrations) {
		return ErrNewer
	}
	if d.Version < 1 || d.Tables == nil {
		return errNoExport
	}
	for name := range d.Tables {
		if !slices.Contains(tables, name) {
			return fmt.Errorf("there is no table %q", name)
		}
	}
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return plain(err)
	}
	held, err := lockDir(dir)
	if err != nil {
		return err
	}
	defer held.release()
	if err := emptyIn(ctx, dir); err != nil {
		return err
	}
	return plain(build(filepath.Join(dir, fileName), d.Version, func(s *Store) error {
		return s.write(ctx, func(tx *gorm.DB) error { return fill(tx, d) })
	}))
}

// emptyIn fails where the directory holds a database with anything in it.
func emptyIn(ctx context.Context, dir string) error {
	if path := filepath.Join(dir, fileName); !exists(path) && !exists(path+"-wal") {
		return nil
	}
	s, err := openIn(dir)
	if err != nil {
		return plain(err)
	}
	defer s.Close()
	empty, err := s.Empty(ctx)
	if err == nil && !empty {
		err = ErrNotEmpty
	}
	return plain(err)
}

// Empty reports whether nothing was ever stored.
func (s *Store) Empty(ctx context.Context) (bool, error) {
	for _, name := range append([]string{"removed"}, tables...) {
		var n int64
		if err := s.with(ctx).Table(name).Count(&n).Error; err != nil || n > 0 {
			return false, err
		}
	}
	return true, nil
}

// fill puts the rows of a dump into empty tables.
func fill(tx *gorm.DB, d Dump) error {
	for _, name := range tables {
		columns, err := columnsOf(tx, name)
		if err != nil {
			return err
		}
		for i, row := range d.Tables[name] {
			unsign(name, row)
			if err := insert(tx, name, columns, row); err != nil {
				return fmt.Errorf("%s, row %d: %w", name, i+1, err)
			}
		}
	}
	return nil
}

// insert puts one row into a table, where every value is of the kind that its column
// holds. The name is one of tables.
func insert(tx *gorm.DB, name string, columns map[string]string, row map[string]any) error {
	if len(columns) == 0 {
		return fmt.Errorf("the version that the file is of has no table %q", name)
	}
	for c, v := range row {
		kind, ok := columns[c]
		if !ok {
			return fmt.Errorf("there is no column %q", c)
		}
		fit, err := fitting(kind, v)
		if err != nil {
			return fmt.Errorf("%s: %w", c, err)
		}
		row[c] = fit
	}
	return tx.Table(name).Create(row).Error
}

// longest is the size limit of one value of text.
const longest = 2 << 20

// fitting returns a value of JSON as the column of the kind stores it.
func fitting(kind string, v any) (any, error) {
	if v == nil {
		return nil, nil
	}
	no := func() (any, error) {
		s := fmt.Sprint(v)
		return nil, fmt.Errorf("%q is no value of the kind %s", s[:min(len(s), 40)], strings.ToLower(kind))
	}
	number, isNumber := v.(float64)
	text, isText := v.(string)
	switch kind {
	case "INTEGER":
		if whole, ok := v.(int64); ok {
			return whole, nil
		}
		if !isNumber || number != math.Trunc(number) || math.Abs(number) > 1<<53 {
			return no()
		}
		return int64(number), nil
	case "REAL":
		if !isNumber || math.IsNaN(number) || math.IsInf(number, 0) {
			return no()
		}
	case "BOOLEAN":
		if _, ok := v.(bool); !ok && (!isNumber || number != 0 && number != 1) {
			return no()
		}
	case "DATETIME":
		if _, ok := v.(time.Time); ok {
			return v, nil
		}
		if !isText {
			return no()
		}
		t, err := time.Parse(time.RFC3339Nano, text)
		if err != nil {
			return nil, fmt.Errorf("%q is no time", text[:min(len(text), 40)])
		}
		return t, nil
	default:
		if !isText || len(text) > longest || !utf8.ValidString(text) || strings.ContainsRune(text, 0) {
			return no()
		}
	}
	return v, nil
}

// columnsOf returns the columns of a table by name, with their types. The name is
// one of tables.
func columnsOf(tx *gorm.DB, name string) (map[string]string, error) {
	var list []struct{ Name, Type string }
	if err := tx.Raw("SELECT name, type FROM pragma_table_info(?)", name).Scan(&list).Error; err != nil {
		return nil, err
	}
	out := map[string]string{}
	for _, c := range list {
		out[c.Name] = c.Type
	}
	return out, nil
}
