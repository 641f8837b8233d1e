package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Lot is the jars of one load that sealed, and what became of those that did not.
type Lot struct {
	ID int64
	// RunID is the run that made it, 0 for jars that were canned elsewhere and are not judged.
	RunID int64
	// Part is the part of the run, where other jars stood in the canner too; 0 for the run's own.
	Part       int64
	Title, Jar string
	// MadeOn and CheckedOn are days like 2026-11-25.
	MadeOn, CheckedOn string
	Sealed, Unsealed  int
	// Went is where the unsealed went: "again", "refrigerator", "freezer" or "thrown out".
	Went string
	// Class is the procedure's; Boil is how many minutes it is boiled before it is tasted, 0
	// where it need not be.
	Class string
	Boil  int
	// Best is for how many months it is at its best; 0 is not known.
	Best   int
	Place  string
	Note   string
	DoneBy string
	// Doubt says why its load is not as tested after all, empty where it is.
	Doubt     string
	CreatedAt time.Time
	Moves     []LotMove
}

// LotMove is jars that left a lot.
type LotMove struct {
	ID, LotID int64
	OnDay     string
	// Kind is "eaten", "given" or "thrown out".
	Kind      string
	Jars      int
	Note      string
	CreatedAt time.Time
}

// Left is how many jars are on the shelf.
func (l *Lot) Left() int {
	n := l.Sealed
	for _, m := range l.Moves {
		n -= m.Jars
	}
	return n
}

// AddLot stores a lot and sets its ID.
func (s *Store) AddLot(ctx context.Context, l *Lot) error {
	l.CreatedAt = now()
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(l).Error })
}

// AddLots stores lots, all or none.
func (s *Store) AddLots(ctx context.Context, list []Lot) error {
	for i := range list {
		list[i].CreatedAt = now()
	}
	return s.write(ctx, func(tx *gorm.DB) error { return tx.CreateInBatches(list, 200).Error })
}

// Lot returns a lot with what left it, or ErrNotFound.
func (s *Store) Lot(ctx context.Context, id int64) (Lot, error) {
	var l Lot
	err := s.with(ctx).Preload("Moves", byID).First(&l, id).Error
	return l, found(err)
}

// LotsOf returns the lots that a run made, that of its own jars first; none before the seals are tested.
func (s *Store) LotsOf(ctx context.Context, run int64) ([]Lot, error) {
	var list []Lot
	err := s.with(ctx).Preload("Moves", byID).Where("run_id = ?", run).Order("part, id").Find(&list).Error
	return list, err
}

// SetDoubt keeps why the load of a run is not as tested after all with the lots that it made,
// where there are any; an empty text takes it back.
func (s *Store) SetDoubt(ctx context.Context, run int64, why string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		return tx.Model(&Lot{}).Where("run_id = ? AND doubt <> ?", run, why).Update("doubt", why).Error
	})
}

// Lots returns lots whose title holds the words, the oldest first, at most limit.
func (s *Store) Lots(ctx context.Context, words string, limit int) ([]Lot, error) {
	var list []Lot
	q := s.with(ctx).Preload("Moves", byID).Order("made_on, id").Limit(limit)
	if words != "" {
		q = q.Where(`title LIKE ? ESCAPE '!'`, "%"+anyLetter.Replace(words)+"%")
	}
	err := q.Find(&list).Error
	return list, err
}

// TakeFrom stores jars that leave a lot; it is ErrStale where there are not as many.
func (s *Store) TakeFrom(ctx context.Context, m *LotMove) error {
	m.CreatedAt = now()
	return s.write(ctx, func(tx *gorm.DB) error {
		var l Lot
		if err := tx.Preload("Moves").First(&l, m.LotID).Error; err != nil {
			return found(err)
		}
		if l.Left() < m.Jars {
			return ErrStale
		}
		return tx.Create(m).Error
	})
}
