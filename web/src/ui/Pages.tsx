import { Pagination } from '@mantine/core';

/** The way through a long list; nothing where one page holds it. */
export function Pages({
  page,
  pages,
  onPage,
}: {
  page: number;
  pages: number;
  onPage: (page: number) => void;
}) {
  if (pages < 2) return null;
  return (
    <nav aria-label="Pages" style={{ display: 'flex', justifyContent: 'center', padding: 16 }}>
      <Pagination
        value={page + 1}
        total={pages}
        onChange={(value) => onPage(value - 1)}
        getControlProps={(control) => ({ 'aria-label': `${control} page` })}
      />
    </nav>
  );
}
