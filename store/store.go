package store

import (
	"context"
	"errors"
	"fmt"
	"net/url"
	"os"
	"path/filepath"
	"time"

	"github.com/glebarez/sqlite"
	"gorm.io/gorm"
	"gorm.io/gorm/logger"
)

// ErrNotFound says that no row has the id.
var ErrNotFound = errors.New("not found")

// ErrStale says that what a change was made from is no longer what is stored:
// somebody else has changed it. Nothing was written.
var ErrStale = errors.New("somebody else has changed it since")

// Store is an open database. It is safe for use by several goroutines; what writes
// waits for its turn.
type Store struct {
	db *gorm.DB
	// turn is held by the one that writes; it is nil inside Atomically, whose turn it is.
	turn chan struct{}
	lock *lock
}

// fileName is the database inside a data directory.
const fileName = "damson.db"

// connections is how many the database has: one writes, the others read.
const connections = 8

// Open opens the database in dir for this program alone, makes it where there is
// none, and brings its tables up to date; what it was before is kept beside it. It
// fails where another Damson is at work in dir.
func Open(dir string) (*Store, error) {
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return nil, fmt.Errorf("the data directory %s: %w", dir, plain(err))
	}
	held, err := lockDir(dir)
	if err != nil {
		return nil, err
	}
	s, err := openIn(dir)
	if err != nil {
		held.release()
		return nil, fmt.Errorf("%s: %w", filepath.Join(dir, fileName), plain(err))
	}
	s.lock = held
	return s, nil
}

// openIn opens the database of a directory that is locked.
func openIn(dir string) (*Store, error) {
	path := filepath.Join(dir, fileName)
	info, err := os.Stat(path)
	switch {
	case errors.Is(err, os.ErrNotExist) && exists(path+"-wal"):
		return nil, errLogAlone
	case errors.Is(err, os.ErrNotExist):
		if err := build(path, len(migrations), nil); err != nil {
			return nil, err
		}
	case err != nil:
		return nil, err
	case info.Size() == 0:
		return nil, errCutOff
	}
	if err := ownOnly(path); err != nil {
		return nil, err
	}
	s, err := connect(path, "rw", "immediate")
	if err != nil {
		return nil, err
	}
	if err := s.upgrade(path); err != nil {
		_ = s.Close()
		return nil, err
	}
	return s, nil
}

// still is the mode for a file that nobody has open: nothing is put beside it.
const still = "immutable"

// connect opens a database file; mode is SQLite's "rw" or "ro", or still; begin is how
// a transaction begins.
func connect(path, mode, begin string) (*Store, error) {
	full, err := filepath.Abs(path)
	if err != nil {
		return nil, err
	}
	if mode == "ro" && cannotWrite(filepath.Dir(full)) && !exists(full+"-wal") {
		mode = still
	}
	q := url.Values{"mode": {mode}, "_txlock": {begin}}
	pragmas := []string{"busy_timeout(5000)", "foreign_keys(1)"}
	switch mode {
	case still:
		q.Set("mode", "ro")
		q.Set("immutable", "1")
	case "rw":
		pragmas = append(pragmas, "journal_mode(WAL)", "synchronous(FULL)")
	}
	for _, p := range pragmas {
		q.Add("_pragma", p)
	}
	// The path is escaped: a directory may have any name.
	name := url.URL{Scheme: "file", Path: filepath.ToSlash(full), RawQuery: q.Encode()}
	db, err := gorm.Open(sqlite.Open(name.String()), &gorm.Config{Logger: logger.Discard, TranslateError: true, NowFunc: now})
	if err != nil {
		return nil, err
	}
	pool, err := db.DB()
	if err != nil {
		return nil, err
	}
	pool.SetMaxOpenConns(connections)
	pool.SetMaxIdleConns(connections)
	return &Store{db: db, turn: make(chan struct{}, 1)}, nil
}

// Close closes the database and lets others open it.
func (s *Store) Close() error {
	sql, err := s.db.DB()
	if err == nil {
		err = sql.Close()
	}
	s.lock.release()
	return err
}

// Ping reports whether the database takes changes: it writes what stands there already.
func (s *Store) Ping(ctx context.Context) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		return tx.Exec(fmt.Sprintf("PRAGMA user_version = %d", len(migrations))).Error
	})
}

func (s *Store) with(ctx context.Context) *gorm.DB { return s.db.WithContext(ctx) }

// write runs do in a transaction of its own when it is this change's turn, all of it or
// nothing. What do reads is what it writes upon.
func (s *Store) write(ctx context.Context, do func(tx *gorm.DB) error) error {
	if s.turn == nil {
		return do(s.with(ctx))
	}
	select {
	case s.turn <- struct{}{}:
		defer func() { <-s.turn }()
	case <-ctx.Done():
		return ctx.Err()
	}
	return s.with(ctx).Transaction(do)
}

// Atomically runs do over a store whose changes are all kept, or none of them.
func (s *Store) Atomically(ctx context.Context, do func(*Store) error) error {
	return s.write(ctx, func(tx *gorm.DB) error { return do(&Store{db: tx}) })
}

func found(err error) error {
	if errors.Is(err, gorm.ErrRecordNotFound) {
		return ErrNotFound
	}
	return err
}

// touched is ErrNotFound where a change met no row.
func touched(res *gorm.DB) error {
	if res.Error == nil && res.RowsAffected == 0 {
		return ErrNotFound
	}
	return res.Error
}

// now is the clock of the rows: UTC, whole seconds.
func now() time.Time { return time.Now().UTC().Truncate(time.Second) }
