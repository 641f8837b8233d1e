package store

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"time"

	"gorm.io/gorm"
)

// The kinds of things that can be removed, and put back for a while.
const (
	KindRecipe      = "recipe"
	KindCanner      = "canner"
	KindMeter       = "meter"
	KindCalibration = "calibration"
	KindReading     = "reading"
	KindPlan        = "plan"
	KindRun         = "run"
)

// part is a table, and its column that holds the number of what is removed.
type part struct{ table, column string }

// partsOf says which rows go with a thing; its own row is the first.
var partsOf = map[string][]part{
	KindRecipe:      {{"recipes", "id"}, {"versions", "recipe_id"}, {"answers", "recipe_id"}, {"plan_dishes", "recipe_id"}},
	KindCanner:      {{"canners", "id"}, {"took", "canner_id"}, {"spent", "canner_id"}},
	KindMeter:       {{"meters", "id"}, {"calibrations", "meter_id"}},
	KindCalibration: {{"calibrations", "id"}},
	KindReading:     {{"readings", "id"}},
	KindPlan:        {{"plans", "id"}, {"plan_dishes", "plan_id"}, {"plan_moves", "plan_id"}},
	KindRun:         {{"runs", "id"}, {"run_events", "run_id"}, {"run_parts", "run_id"}, {"spent", "run_id"}},
}

// nameOf is the column by which people know a thing.
var nameOf = map[string]string{KindRecipe: "title", KindCanner: "name", KindMeter: "name", KindCalibration: "on_day", KindReading: "sample", KindPlan: "on_day", KindRun: "title"}

// RemovedFor is how long what was removed can be put back.
const RemovedFor = 30 * 24 * time.Hour

// Removed is a thing that was removed and can be put back.
type Removed struct {
	ID        int64
	Kind      string
	Name      string
	Rows      string
	CreatedAt time.Time
}

// TableName names the table: GORM would make "removeds" of it.
func (Removed) TableName() string { return "removed" }

// keptRows are the rows of a thing, table by table.
type keptRows struct {
	Tables map[string][]map[string]any `json:"tables"`
	// InUse is true for a canner that was the one in use.
	InUse bool `json:"in_use,omitempty"`
}

// Remove takes a thing away with all that belongs to it, and keeps it to be put back. It
// returns the number to put it back by, or ErrNotFound.
func (s *Store) Remove(ctx context.Context, kind string, id int64) (int64, error) {
	parts, ok := partsOf[kind]
	if !ok {
		return 0, fmt.Errorf("nothing of the kind %q can be removed", kind)
	}
	gone := Removed{Kind: kind, CreatedAt: now()}
	err := s.write(ctx, func(tx *gorm.DB) error {
		kept := keptRows{Tables: map[string][]map[string]any{}}
		for _, p := range parts {
			rows := []map[string]any{}
			if err := tx.Table(p.table).Where(p.column+" = ?", id).Order("rowid").Find(&rows).Error; err != nil {
				return err
			}
			kept.Tables[p.table] = rows
		}
		if len(kept.Tables[parts[0].table]) == 0 {
			return ErrNotFound
		}
		gone.Name = fmt.Sprint(kept.Tables[parts[0].table][0][nameOf[kind]])
		if kind == KindCanner { // another canner may get its number
			res := tx.Exec("UPDATE kitchens SET canner_id = 0 WHERE canner_id = ?", id)
			if res.Error != nil {
				return res.Error
			}
			kept.InUse = res.RowsAffected > 0
		}
		body, err := json.Marshal(kept)
		if err != nil {
			return err
		}
		gone.Rows = string(body)
		for i := len(parts) - 1; i >= 0; i-- {
			if err := tx.Exec("DELETE FROM "+parts[i].table+" WHERE "+parts[i].column+" = ?", id).Error; err != nil {
				return err
			}
		}
		if err := tx.Where("created_at < ?", now().Add(-RemovedFor)).Delete(&Removed{}).Error; err != nil {
			return err
		}
		return tx.Create(&gone).Error
	})
	return gone.ID, err
}

// ErrAlone says that what a thing belongs to was removed too.
var ErrAlone = errors.New("what it belongs to was removed too: put that back first")

// PutBack puts a removed thing back and returns it. It is ErrNotFound where nothing of
// the number waits; what belonged to something that is gone since stays away.
func (s *Store) PutBack(ctx context.Context, number int64) (Removed, error) {
	var gone Removed
	err := s.write(ctx, func(tx *gorm.DB) error {
		if err := tx.First(&gone, number).Error; err != nil {
			return found(err)
		}
		var kept keptRows
		if err := json.Unmarshal([]byte(gone.Rows), &kept); err != nil {
			return err
		}
		parts := partsOf[gone.Kind]
		id, err := freeID(tx, kept, parts)
		if err != nil {
			return err
		}
		for _, p := range parts {
			columns, err := columnsOf(tx, p.table)
			if err != nil {
				return err
			}
			for _, row := range kept.Tables[p.table] {
				row[p.column] = id
				if lost, err := parentGone(tx, p, row); err != nil {
					return err
				} else if lost && p == parts[0] {
					return ErrAlone
				} else if lost {
					continue
				}
				if err := insert(tx, p.table, columns, row); err != nil {
					return err
				}
			}
		}
		if kept.InUse {
			if err := tx.Exec("UPDATE kitchens SET canner_id = ? WHERE canner_id = 0", id).Error; err != nil {
				return err
			}
		}
		return tx.Delete(&Removed{}, number).Error
	})
	return gone, err
}

// freeID is the number that a thing had, or a new one where that is taken by now.
func freeID(tx *gorm.DB, kept keptRows, parts []part) (any, error) {
	own := kept.Tables[parts[0].table]
	if len(own) != 1 {
		return nil, ErrNotFound
	}
	id := own[0]["id"]
	var taken int64
	if err := tx.Table(parts[0].table).Where("id = ?", id).Count(&taken).Error; err != nil || taken == 0 {
		return id, err
	}
	var last int64
	err := tx.Raw("SELECT max(id) FROM " + parts[0].table).Scan(&last).Error
	return last + 1, err
}

// parentGone reports whether the row belongs to another thing too, which is there no more.
func parentGone(tx *gorm.DB, of part, row map[string]any) (bool, error) {
	parents := map[string]string{"recipe_id": "recipes", "plan_id": "plans", "meter_id": "meters", "canner_id": "canners",
		"run_id": "runs"}
	if of.table == "readings" || of.table == "runs" {
		return false, nil // a record stands by itself
	}
	for column, table := range parents {
		id, has := row[column]
		if !has || column == of.column || id == nil {
			continue
		}
		var n int64
		if err := tx.Table(table).Where("id = ?", id).Count(&n).Error; err != nil {
			return false, err
		}
		if n == 0 {
			return true, nil
		}
	}
	return false, nil
}

// RemovedThings returns what can be put back, the newest first.
func (s *Store) RemovedThings(ctx context.Context) ([]Removed, error) {
	var list []Removed
	err := s.with(ctx).Where("created_at >= ?", now().Add(-RemovedFor)).Order("id DESC").Limit(500).Find(&list).Error
	return list, err
}

// RemovedThing returns one thing that can be put back, or ErrNotFound.
func (s *Store) RemovedThing(ctx context.Context, number int64) (Removed, error) {
	var gone Removed
	err := s.with(ctx).First(&gone, number).Error
	return gone, found(err)
}

// Forget throws away for good what was removed.
func (s *Store) Forget(ctx context.Context, number int64) error {
	return s.write(ctx, func(tx *gorm.DB) error { return touched(tx.Delete(&Removed{}, number)) })
}
