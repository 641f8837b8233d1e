package store

import (
	"context"
	"errors"
	"fmt"
	"time"

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
var tables = []string{"kitchens", "canners", "jar_stocks", "recipes", "versions", "checks", "procedures", "choices", "foods", "meters", "calibrations", "readings", "plans", "plan_dishes", "plan_moves", "took", "answers"}

// Export returns all that is stored.
func (s *Store) Export(ctx context.Context) (Dump, error) {
	d := Dump{Version: len(migrations), Tables: map[string][]map[string]any{}}
	err := s.with(ctx).Transaction(func(tx *gorm.DB) error {
		for _, name := range tables {
			rows := []map[string]any{}
			if err := tx.Table(name).Order("rowid").Find(&rows).Error; err != nil {
				return fmt.Errorf("%s: %w", name, err)
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

// unsign takes the signature off a check or a procedure: a signature is of this kitchen,
// and no file carries it out or in.
func unsign(table string, row map[string]any) {
	if table == "checks" || table == "procedures" {
		delete(row, "signed_by")
	}
}

// The errors of an import.
var (
	ErrNotEmpty = errors.New("there is data already: import into an empty directory")
	ErrNewer    = errors.New("the file is of a newer Damson")
)

// Import fills an empty store with what Export returned, all or nothing. It fails
// where the store holds anything, where the file is of a newer Damson, or where a
// table or a column of it is not known.
func (s *Store) Import(ctx context.Context, d Dump) error {
	if d.Version > len(migrations) {
		return ErrNewer
	}
	if d.Version < 1 || d.Tables == nil {
		return errors.New("this is no export of Damson's")
	}
	known := map[string]bool{}
	for _, t := range tables {
		known[t] = true
	}
	for name := range d.Tables {
		if !known[name] {
			return fmt.Errorf("there is no table %q", name)
		}
	}
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		for _, name := range tables {
			var n int64
			if err := tx.Table(name).Count(&n).Error; err != nil {
				return err
			}
			if n > 0 {
				return ErrNotEmpty
			}
		}
		for _, name := range tables {
			columns, err := columnsOf(tx, name)
			if err != nil {
				return err
			}
			for i, row := range d.Tables[name] {
				unsign(name, row)
				for c, v := range row {
					kind, ok := columns[c]
					if !ok {
						return fmt.Errorf("%s, row %d: there is no column %q", name, i+1, c)
					}
					if text, isText := v.(string); isText && kind == "DATETIME" {
						t, err := time.Parse(time.RFC3339Nano, text)
						if err != nil {
							return fmt.Errorf("%s, row %d: %q is no time", name, i+1, text)
						}
						row[c] = t
					}
				}
				if err := tx.Table(name).Create(row).Error; err != nil {
					return fmt.Errorf("%s, row %d: %w", name, i+1, err)
				}
			}
		}
		return nil
	})
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

// Backup writes the database, as it stands, to a new file. It fails where the
// file is there already.
func (s *Store) Backup(ctx context.Context, path string) error {
	return s.with(ctx).Exec("VACUUM INTO ?", path).Error
}
