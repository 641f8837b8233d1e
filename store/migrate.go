package store

import (
	"errors"
	"fmt"
	"os"
	"time"

	"gorm.io/gorm"
)

// migrations are applied in order, each once, each in a transaction of its
// own. A migration that has shipped is never changed; a new one is added.
var migrations = []string{
	// 1: the kitchen, its canners, the recipes sent in
	`CREATE TABLE kitchens (
		id INTEGER PRIMARY KEY CHECK (id = 1),
		name TEXT NOT NULL, elevation_ft INTEGER NOT NULL, canner_id INTEGER NOT NULL DEFAULT 0,
		jar TEXT NOT NULL, pack TEXT NOT NULL, method TEXT NOT NULL, updated_at DATETIME NOT NULL
	);
	CREATE TABLE canners (
		id INTEGER PRIMARY KEY, kitchen_id INTEGER NOT NULL REFERENCES kitchens(id) ON DELETE CASCADE,
		name TEXT NOT NULL, kind TEXT NOT NULL, gauge TEXT NOT NULL
	);
	CREATE TABLE recipes (
		id INTEGER PRIMARY KEY AUTOINCREMENT, title TEXT NOT NULL, text TEXT NOT NULL, sent_by TEXT NOT NULL,
		jar TEXT NOT NULL, pack TEXT NOT NULL, method TEXT NOT NULL,
		created_at DATETIME NOT NULL, updated_at DATETIME NOT NULL
	);
	CREATE INDEX recipes_created ON recipes(created_at);`,

	// 2: checks against print, procedures of the kitchen's own, choices on
	// debated points
	`CREATE TABLE checks (
		id INTEGER PRIMARY KEY AUTOINCREMENT, procedure TEXT NOT NULL, part TEXT NOT NULL, status TEXT NOT NULL,
		figures TEXT NOT NULL, edition TEXT NOT NULL, page TEXT NOT NULL, checked_by TEXT NOT NULL, checked_on TEXT NOT NULL,
		created_at DATETIME NOT NULL
	);
	CREATE INDEX checks_part ON checks(procedure, part);
	CREATE TABLE procedures (
		id TEXT PRIMARY KEY, body TEXT NOT NULL, added_by TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE TABLE choices (
		point TEXT PRIMARY KEY, choice TEXT NOT NULL, updated_at DATETIME NOT NULL
	);`,

	// 3: every version of a recipe; foods of the kitchen's own
	`CREATE TABLE versions (
		id INTEGER PRIMARY KEY AUTOINCREMENT, recipe_id INTEGER NOT NULL REFERENCES recipes(id) ON DELETE CASCADE,
		no INTEGER NOT NULL, title TEXT NOT NULL, text TEXT NOT NULL, why TEXT NOT NULL, created_at DATETIME NOT NULL,
		UNIQUE (recipe_id, no)
	);
	CREATE TABLE foods (
		id TEXT PRIMARY KEY, name TEXT NOT NULL, kind TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	INSERT INTO versions (recipe_id, no, title, text, why, created_at)
		SELECT id, 1, title, text, '', updated_at FROM recipes;`,

	// 4: the procedure that a recipe is compared with, where somebody chose one;
	// the kitchen's stance
	`ALTER TABLE recipes ADD COLUMN procedure TEXT NOT NULL DEFAULT '';
	ALTER TABLE kitchens ADD COLUMN stance TEXT NOT NULL DEFAULT 'book';`,

	// 5: the pH log: meters, their calibrations, readings
	`CREATE TABLE meters (
		id INTEGER PRIMARY KEY AUTOINCREMENT, name TEXT NOT NULL, compensates BOOLEAN NOT NULL, due_on TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE TABLE calibrations (
		id INTEGER PRIMARY KEY AUTOINCREMENT, meter_id INTEGER NOT NULL REFERENCES meters(id) ON DELETE CASCADE, on_day TEXT NOT NULL,
		low REAL NOT NULL, high REAL NOT NULL, low_mv REAL NOT NULL, high_mv REAL NOT NULL, celsius REAL NOT NULL,
		low_lot TEXT NOT NULL, high_lot TEXT NOT NULL, low_expiry TEXT NOT NULL, high_expiry TEXT NOT NULL, done_by TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE INDEX calibrations_day ON calibrations(meter_id, on_day);
	CREATE TABLE readings (
		id INTEGER PRIMARY KEY AUTOINCREMENT, meter_id INTEGER NOT NULL, recipe_id INTEGER NOT NULL, on_day TEXT NOT NULL, sample TEXT NOT NULL,
		how TEXT NOT NULL, hours REAL NOT NULL, celsius REAL NOT NULL, compensated BOOLEAN NOT NULL, typed TEXT NOT NULL, note TEXT NOT NULL,
		done_by TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE INDEX readings_day ON readings(on_day);
	CREATE INDEX readings_recipe ON readings(recipe_id);`,

	// 6: what each canner takes and how it stands; jars, lids and burners of the
	// kitchen; plans of canning days
	`ALTER TABLE canners ADD COLUMN quarts INTEGER NOT NULL DEFAULT 7;
	ALTER TABLE canners ADD COLUMN pints INTEGER NOT NULL DEFAULT 9;
	ALTER TABLE canners ADD COLUMN half_pints INTEGER NOT NULL DEFAULT 9;
	ALTER TABLE canners ADD COLUMN layers INTEGER NOT NULL DEFAULT 1;
	ALTER TABLE canners ADD COLUMN water_quarts REAL NOT NULL DEFAULT 0;
	ALTER TABLE canners ADD COLUMN vent_minutes INTEGER NOT NULL DEFAULT 0;
	ALTER TABLE canners ADD COLUMN tested_on TEXT NOT NULL DEFAULT '';
	ALTER TABLE canners ADD COLUMN reads_high REAL NOT NULL DEFAULT 0;
	ALTER TABLE canners ADD COLUMN gasket_on TEXT NOT NULL DEFAULT '';
	ALTER TABLE canners ADD COLUMN rack BOOLEAN NOT NULL DEFAULT 1;
	ALTER TABLE canners ADD COLUMN stove TEXT NOT NULL DEFAULT '';
	ALTER TABLE kitchens ADD COLUMN burners INTEGER NOT NULL DEFAULT 4;
	ALTER TABLE kitchens ADD COLUMN lids_regular INTEGER NOT NULL DEFAULT 0;
	ALTER TABLE kitchens ADD COLUMN lids_wide INTEGER NOT NULL DEFAULT 0;
	CREATE TABLE jar_stocks (
		size TEXT NOT NULL, wide BOOLEAN NOT NULL, count INTEGER NOT NULL, PRIMARY KEY (size, wide)
	);
	CREATE TABLE plans (
		id INTEGER PRIMARY KEY AUTOINCREMENT, on_day TEXT NOT NULL, clock TEXT NOT NULL, done BOOLEAN NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE TABLE plan_dishes (
		id INTEGER PRIMARY KEY AUTOINCREMENT, plan_id INTEGER NOT NULL REFERENCES plans(id) ON DELETE CASCADE, recipe_id INTEGER NOT NULL REFERENCES recipes(id) ON DELETE CASCADE,
		jars INTEGER NOT NULL, process TEXT NOT NULL, wide BOOLEAN NOT NULL, day_before BOOLEAN NOT NULL, syrup TEXT NOT NULL
	);
	CREATE TABLE plan_moves (
		plan_id INTEGER NOT NULL REFERENCES plans(id) ON DELETE CASCADE, piece TEXT NOT NULL, minutes INTEGER NOT NULL, PRIMARY KEY (plan_id, piece)
	);`,

	// 7: what pieces of work took in a canner
	`CREATE TABLE took (
		id INTEGER PRIMARY KEY AUTOINCREMENT, canner_id INTEGER NOT NULL REFERENCES canners(id) ON DELETE CASCADE, on_day TEXT NOT NULL, piece TEXT NOT NULL, minutes INTEGER NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE INDEX took_canner ON took(canner_id);`,

	// 8: what was answered to a question about words of a recipe; without a recipe it is
	// a word of the house
	`CREATE TABLE answers (
		id INTEGER PRIMARY KEY AUTOINCREMENT, recipe_id INTEGER REFERENCES recipes(id) ON DELETE CASCADE,
		words TEXT NOT NULL, answer TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE UNIQUE INDEX answers_words ON answers(ifnull(recipe_id, 0), words);`,

	// 9: who of this kitchen stands for a check or for a procedure of its own. What has no
	// name by it may have come in a file: it is asked about again.
	`ALTER TABLE checks ADD COLUMN signed_by TEXT NOT NULL DEFAULT '';
	ALTER TABLE procedures ADD COLUMN signed_by TEXT NOT NULL DEFAULT '';
	UPDATE procedures SET signed_by = added_by WHERE added_by <> 'a file';`,

	// 10: what was taken away, to be put back for a while; the prints of forms that were
	// taken, so that one sent twice is stored once
	`CREATE TABLE removed (
		id INTEGER PRIMARY KEY AUTOINCREMENT, kind TEXT NOT NULL, name TEXT NOT NULL, rows TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE TABLE sent (
		print TEXT PRIMARY KEY, place TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE INDEX sent_created ON sent(created_at);`,

	// 11: the book that a recipe comes from
	`ALTER TABLE recipes ADD COLUMN book TEXT NOT NULL DEFAULT '';
	ALTER TABLE recipes ADD COLUMN edition TEXT NOT NULL DEFAULT '';
	ALTER TABLE recipes ADD COLUMN page TEXT NOT NULL DEFAULT '';`,

	// 12: what happened at a canner; the jars that came of it. A record outlives the recipe and
	// the canner that it names
	`CREATE TABLE runs (
		id INTEGER PRIMARY KEY AUTOINCREMENT, recipe_id INTEGER NOT NULL, version INTEGER NOT NULL, canner_id INTEGER NOT NULL,
		title TEXT NOT NULL, procedure TEXT NOT NULL, product TEXT NOT NULL, source TEXT NOT NULL, canner TEXT NOT NULL, kitchen TEXT NOT NULL,
		elevation_ft INTEGER NOT NULL, jar TEXT NOT NULL, pack TEXT NOT NULL, headspace REAL NOT NULL, acid TEXT NOT NULL,
		method TEXT NOT NULL, minutes INTEGER NOT NULL, psi INTEGER NOT NULL, gauge TEXT NOT NULL, hold REAL NOT NULL,
		vent INTEGER NOT NULL, class TEXT NOT NULL, boil_f REAL NOT NULL, jars INTEGER NOT NULL,
		speed INTEGER NOT NULL, fault TEXT NOT NULL, token TEXT NOT NULL DEFAULT '', created_at DATETIME NOT NULL
	);
	CREATE TABLE run_events (
		id INTEGER PRIMARY KEY AUTOINCREMENT, run_id INTEGER NOT NULL REFERENCES runs(id) ON DELETE CASCADE, number INTEGER NOT NULL,
		at DATETIME NOT NULL, told_at DATETIME NOT NULL, kind TEXT NOT NULL, psi REAL NOT NULL, gauged INTEGER NOT NULL, logger INTEGER NOT NULL,
		f REAL NOT NULL, jars INTEGER NOT NULL, broken INTEGER NOT NULL, of_number INTEGER NOT NULL, until DATETIME, note TEXT NOT NULL,
		UNIQUE (run_id, number)
	);
	CREATE TABLE lots (
		id INTEGER PRIMARY KEY AUTOINCREMENT, run_id INTEGER NOT NULL, title TEXT NOT NULL, jar TEXT NOT NULL, made_on TEXT NOT NULL,
		checked_on TEXT NOT NULL, sealed INTEGER NOT NULL, unsealed INTEGER NOT NULL, went TEXT NOT NULL, class TEXT NOT NULL, boil INTEGER NOT NULL, best INTEGER NOT NULL,
		place TEXT NOT NULL, note TEXT NOT NULL, done_by TEXT NOT NULL, doubt TEXT NOT NULL DEFAULT '',
		created_at DATETIME NOT NULL
	);
	CREATE INDEX lots_run ON lots(run_id);
	CREATE TABLE lot_moves (
		id INTEGER PRIMARY KEY AUTOINCREMENT, lot_id INTEGER NOT NULL REFERENCES lots(id) ON DELETE CASCADE, on_day TEXT NOT NULL,
		kind TEXT NOT NULL, jars INTEGER NOT NULL, note TEXT NOT NULL, created_at DATETIME NOT NULL
	);
	CREATE INDEX lot_moves_lot ON lot_moves(lot_id);`,

	// 13: how many pairs of hands work on a day
	`ALTER TABLE plans ADD COLUMN hands INTEGER NOT NULL DEFAULT 1;`,

	// 14: jars of two recipes that go into a canner together: the dish whose last load takes another's
	// jars along, what else stood in the canner, and of which part a lot is
	`ALTER TABLE plan_dishes ADD COLUMN joins INTEGER NOT NULL DEFAULT 0;
	CREATE TABLE run_parts (
		id INTEGER PRIMARY KEY AUTOINCREMENT, run_id INTEGER NOT NULL REFERENCES runs(id) ON DELETE CASCADE,
		recipe_id INTEGER NOT NULL, version INTEGER NOT NULL, title TEXT NOT NULL, procedure TEXT NOT NULL,
		product TEXT NOT NULL, source TEXT NOT NULL, jar TEXT NOT NULL, pack TEXT NOT NULL, headspace REAL NOT NULL,
		acid TEXT NOT NULL, class TEXT NOT NULL,
		minutes INTEGER NOT NULL, jars INTEGER NOT NULL
	);
	CREATE INDEX run_parts_run ON run_parts(run_id);
	ALTER TABLE runs ADD COLUMN own_minutes INTEGER NOT NULL DEFAULT 0;
	ALTER TABLE lots ADD COLUMN part INTEGER NOT NULL DEFAULT 0;`,

	// 15: what things cost, by the name of the food
	`CREATE TABLE prices (
		thing TEXT PRIMARY KEY, money REAL NOT NULL, unit TEXT NOT NULL, updated_at DATETIME NOT NULL
	);`,

	// 16: what a load took of water and heat
	`CREATE TABLE spent (
		run_id INTEGER PRIMARY KEY REFERENCES runs(id) ON DELETE CASCADE,
		canner_id INTEGER NOT NULL REFERENCES canners(id) ON DELETE CASCADE,
		water_quarts REAL NOT NULL, heat REAL NOT NULL, fuel TEXT NOT NULL, kwh REAL NOT NULL, reckoned_kwh REAL NOT NULL,
		created_at DATETIME NOT NULL
	);
	CREATE INDEX spent_canner ON spent(canner_id);`,
}

// version returns the version of the tables.
func (s *Store) version() (int, error) {
	var have int
	err := s.db.Raw("PRAGMA user_version").Scan(&have).Error
	return have, err
}

// errNewer refuses a database that a newer Damson wrote.
func errNewer(have int) error {
	return fmt.Errorf("the data is of version %d, this program knows %d: use a newer Damson", have, len(migrations))
}

// errNotOurs refuses a database that is somebody else's.
var errNotOurs = errors.New("this is a database, but none of Damson's")

// upgrade brings the tables to the newest version, and keeps a copy of what they were. A
// database from a newer Damson is refused, not touched.
func (s *Store) upgrade(path string) error {
	have, err := s.version()
	switch {
	case err != nil:
		return err
	case have > len(migrations):
		return errNewer(have)
	case have == len(migrations):
		return nil
	case have < 1:
		return errNotOurs
	}
	kept := fmt.Sprintf("%s.v%d-%s", path, have, time.Now().UTC().Format("20060102-150405"))
	if err := s.copyTo(kept); err != nil {
		return fmt.Errorf("a copy from before the upgrade could not be kept: %w", err)
	}
	return s.migrate(have, len(migrations))
}

// migrate takes the tables from one version to a later one.
func (s *Store) migrate(from, to int) error {
	for v := from; v < to; v++ {
		err := s.db.Transaction(func(tx *gorm.DB) error {
			if err := tx.Exec(migrations[v]).Error; err != nil {
				return err
			}
			return tx.Exec(fmt.Sprintf("PRAGMA user_version = %d", v+1)).Error
		})
		if err != nil {
			return fmt.Errorf("migration %d: %w", v+1, err)
		}
	}
	return nil
}

// build makes a new database at path: tables of the version, what fill puts into them,
// then the newest tables, and check over all. It is made beside and given its name when
// it is whole, so there is never half of one by that name.
func build(path string, version int, fill func(*Store) error) (err error) {
	part := path + ".new"
	clear := func() {
		for _, p := range []string{part, part + "-wal", part + "-shm"} {
			_ = os.Remove(p)
		}
	}
	clear() // what an earlier one left when it was killed
	defer func() {
		if err != nil {
			clear()
		}
	}()
	f, err := os.OpenFile(part, os.O_CREATE|os.O_EXCL|os.O_WRONLY, 0o600)
	if err != nil {
		return err
	}
	if err := f.Close(); err != nil {
		return err
	}
	s, err := connect(part, "rw", "immediate")
	if err != nil {
		return err
	}
	err = s.migrate(0, version)
	if err == nil && fill != nil {
		err = fill(s)
	}
	if err == nil {
		err = s.migrate(version, len(migrations))
	}
	if err == nil && fill != nil {
		err = s.whole()
	}
	if closed := s.Close(); err == nil {
		err = closed
	}
	if err != nil {
		return err
	}
	return putInPlace(part, path)
}
