/*
 * A disk that forgets what was not synced, for scripts/faults/powerCut.ts: loaded before the C library, it copies a file
 * to another folder whenever it is synced. That folder is what a power cut leaves. With POWER_DROPS set nothing is
 * copied, as on a disk that lies.
 */
#define _GNU_SOURCE
#include <dirent.h>
#include <dlfcn.h>
#include <fcntl.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <unistd.h>

/* A folder was synced: what was deleted in it is deleted for good. */
static void forget(const char *from, const char *to) {
  DIR *folder = opendir(to);
  if (!folder) return;
  char here[8300], there[8300];
  for (struct dirent *file; (file = readdir(folder));) {
    if (file->d_name[0] == '.') continue;
    snprintf(here, sizeof here, "%s/%s", from, file->d_name);
    snprintf(there, sizeof there, "%s/%s", to, file->d_name);
    if (access(here, F_OK) != 0) unlink(there);
  }
  closedir(folder);
}

static void keep(int fd) {
  const char *from = getenv("POWER_FROM"), *to = getenv("POWER_TO");
  if (!from || !to || getenv("POWER_DROPS")) return;
  char link[64], path[4096], part[8300], whole[8300], bytes[65536];
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t length = readlink(link, path, sizeof path - 1);
  if (length < 0) return;
  path[length] = 0;
  size_t skip = strlen(from);
  struct stat is;
  if (fstat(fd, &is) != 0) return;
  if (S_ISDIR(is.st_mode)) {
    if (strcmp(path, from) == 0) forget(from, to);
    return;
  }
  if (strncmp(path, from, skip) != 0 || strchr(path + skip + 1, '/')) return;
  snprintf(whole, sizeof whole, "%s%s", to, path + skip);
  snprintf(part, sizeof part, "%s.part", whole);
  int out = open(part, O_WRONLY | O_CREAT | O_TRUNC, 0600);
  if (out < 0) return;
  off_t at = 0;
  for (ssize_t read; (read = pread(fd, bytes, sizeof bytes, at)) > 0; at += read)
    if (write(out, bytes, (size_t)read) != read) abort();
  close(out);
  rename(part, whole);
}

int fsync(int fd) {
  keep(fd);
  int (*real)(int) = (int (*)(int))dlsym(RTLD_NEXT, "fsync");
  return real(fd);
}

int fdatasync(int fd) {
  keep(fd);
  int (*real)(int) = (int (*)(int))dlsym(RTLD_NEXT, "fdatasync");
  return real(fd);
}
