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

// Store is an open database. It is safe for use by several goroutines.
type Store struct {
	db *gorm.DB
}

// fileName is the database inside a data directory.
const fileName = "damson.db"

// Open opens the database in dir, makes it where there is none, and brings its
// tables up to date.
func Open(dir string) (*Store, error) {
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return nil, fmt.Errorf("data directory: %w", err)
	}
	q := url.Values{}
	for _, p := range []string{"journal_mode(WAL)", "synchronous(FULL)", "foreign_keys(1)", "busy_timeout(5000)"} {
		q.Add("_pragma", p)
	}
	path := filepath.Join(dir, fileName)
	db, err := gorm.Open(sqlite.Open("file:"+path+"?"+q.Encode()), &gorm.Config{Logger: logger.Discard, TranslateError: true})
	if err != nil {
		return nil, fmt.Errorf("%s: %w", path, err)
	}
	s := &Store{db}
	if err := s.migrate(); err != nil {
		_ = s.Close()
		return nil, fmt.Errorf("%s: %w", path, err)
	}
	return s, nil
}

// Close closes the database.
func (s *Store) Close() error {
	sql, err := s.db.DB()
	if err != nil {
		return err
	}
	return sql.Close()
}

// Ping reports whether the database answers.
func (s *Store) Ping(ctx context.Context) error {
	sql, err := s.db.DB()
	if err != nil {
		return err
	}
	return sql.PingContext(ctx)
}

func (s *Store) with(ctx context.Context) *gorm.DB { return s.db.WithContext(ctx) }

func found(err error) error {
	if errors.Is(err, gorm.ErrRecordNotFound) {
		return ErrNotFound
	}
	return err
}

// now is the clock of the rows, whole seconds.
func now() time.Time { return time.Now().UTC().Truncate(time.Second) }
