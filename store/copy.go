package store

import (
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"time"
)

// ErrNoData says that a directory holds no database.
var ErrNoData = errors.New("there is no damson.db in it, so nothing of Damson's is stored there")

// OpenToRead opens the database in dir for reading alone, also while a Damson is at
// work there: it makes nothing, changes nothing, and brings no tables up to date.
func OpenToRead(dir string) (*Store, error) {
	path := filepath.Join(dir, fileName)
	switch info, err := os.Stat(path); {
	case errors.Is(err, os.ErrNotExist):
		return nil, fmt.Errorf("%s: %w", dir, ErrNoData)
	case err == nil && info.Size() == 0:
		return nil, fmt.Errorf("%s: %w", path, errCutOff)
	}
	s, err := connect(path, "ro", "deferred")
	if err != nil {
		return nil, fmt.Errorf("%s: %w", path, plain(err))
	}
	have, err := s.version()
	switch {
	case err != nil:
	case have < 1:
		err = errNotOurs
	case have > len(migrations):
		err = errNewer(have)
	}
	if err != nil {
		_ = s.Close()
		return nil, fmt.Errorf("%s: %w", path, plain(err))
	}
	return s, nil
}

// Backup writes the database, as it stands, to a new file: beside it first, and by its
// name only once it is whole and on disk. It fails where the file is there already.
func (s *Store) Backup(ctx context.Context, path string) error {
	if exists(path) {
		return fmt.Errorf("%s is there already", path)
	}
	part := path + ".part"
	_ = os.Remove(part) // what one that was killed left
	defer os.Remove(part)
	if err := s.with(ctx).Exec("VACUUM INTO ?", part).Error; err != nil {
		return plain(err)
	}
	if err := sound(part); err != nil {
		return err
	}
	return plain(putInPlace(part, path))
}

// copyTo keeps a copy of the database under a name of its own.
func (s *Store) copyTo(path string) error { return s.Backup(context.Background(), path) }

// sound reports what is wrong with a database file that nobody has open.
func sound(path string) error {
	if info, err := os.Stat(path); err != nil {
		return plain(err)
	} else if info.IsDir() || info.Size() == 0 {
		return fmt.Errorf("%s is no database of Damson's", path)
	}
	if log, err := os.Stat(path + "-wal"); err == nil && log.Size() > 0 {
		return fmt.Errorf("%s is the database of a kitchen at work, with a log beside it, and no backup: take one with damson backup", path)
	}
	s, err := connect(path, still, "deferred")
	if err != nil {
		return fmt.Errorf("%s: %w", path, plain(err))
	}
	defer s.Close()
	var says string
	if err := s.db.Raw("PRAGMA integrity_check(1)").Scan(&says).Error; err != nil {
		return fmt.Errorf("%s: %w", path, plain(err))
	}
	if says != "ok" {
		return fmt.Errorf("%s is damaged: %s", path, says)
	}
	switch have, err := s.version(); {
	case err != nil:
		return plain(err)
	case have > len(migrations):
		return errNewer(have)
	case have < 1 || !s.db.Migrator().HasTable("recipes"):
		return fmt.Errorf("%s: %w", path, errNotOurs)
	}
	return nil
}

// Restore puts a backup in the place of the database in dir and returns the name that
// the one before it has now, or "" where there was none. The backup is looked through
// first; it fails where another Damson is at work in dir.
func Restore(dir, backup string) (aside string, err error) {
	if err := sound(backup); err != nil {
		return "", err
	}
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return "", plain(err)
	}
	held, err := lockDir(dir)
	if err != nil {
		return "", err
	}
	defer held.release()
	path := filepath.Join(dir, fileName)
	part := path + ".new"
	if err := copyFile(backup, part); err != nil {
		_ = os.Remove(part)
		return "", plain(err)
	}
	// The log goes with its database: beside another one it would be played over it.
	for _, tail := range []string{"", "-wal", "-shm"} {
		if !exists(path + tail) {
			continue
		}
		if aside == "" {
			aside = path + ".before-" + time.Now().UTC().Format("20060102-150405.000")
		}
		if err := os.Rename(path+tail, aside+tail); err != nil {
			return "", plain(err)
		}
	}
	if err := putInPlace(part, path); err != nil {
		for _, tail := range []string{"-wal", "-shm", ""} {
			if aside != "" {
				_ = os.Rename(aside+tail, path+tail) // as it was
			}
		}
		return "", plain(err)
	}
	return aside, nil
}

func copyFile(from, to string) error {
	in, err := os.Open(from)
	if err != nil {
		return err
	}
	defer in.Close()
	out, err := os.OpenFile(to, os.O_CREATE|os.O_TRUNC|os.O_WRONLY, 0o600)
	if err != nil {
		return err
	}
	_, err = io.Copy(out, in)
	return errors.Join(err, out.Close())
}

// putInPlace gives a finished file its name: its bytes are on disk before, the name
// after.
func putInPlace(part, path string) error {
	if err := os.Chmod(part, 0o600); err != nil {
		return err
	}
	if err := syncFile(part); err != nil {
		return err
	}
	if err := os.Rename(part, path); err != nil {
		return err
	}
	_ = syncFile(filepath.Dir(path)) // not every system syncs a directory
	return nil
}

func syncFile(path string) error {
	f, err := os.OpenFile(path, os.O_RDONLY, 0)
	if err != nil {
		return err
	}
	return errors.Join(f.Sync(), f.Close())
}
