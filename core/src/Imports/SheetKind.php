<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

/** What the rows of a file are: customers, spares, past jobs, or a price list; and which fields each has. */
enum SheetKind: string
{
    case Owners = 'owners';
    case Spares = 'spares';
    case Jobs = 'jobs';
    case Prices = 'prices';

    public function words(): string
    {
        return match ($this) {
            self::Owners => 'Customers',
            self::Spares => 'Spares',
            self::Jobs => 'Past jobs',
            self::Prices => 'Price list of a supplier',
        };
    }

    /** @return array<string, Column> by id */
    public function columns(): array
    {
        $name = ['customer', 'client', 'owner', 'full name', 'company'];
        $phone = ['telephone', 'tel', 'mobile', 'cell', 'phone number'];
        $columns = match ($this) {
            self::Owners => [
                new Column('name', 'Name', needed: true, called: $name, most: 120),
                new Column('first_name', 'First name', called: ['given name', 'forename'], most: 60),
                new Column('phone', 'Telephone', Reading::Phone, called: $phone, most: 40),
                new Column('email', 'Mail', Reading::Mail, called: ['e mail', 'email', 'mail address']),
            ],
            self::Spares => [
                new Column('tag', 'Tag', needed: true, called: ['number', 'no', 'id', 'sku'], most: 20),
                new Column('kind', 'Kind', needed: true, called: ['type', 'category'], most: 30),
                new Column('name', 'Name', needed: true, called: ['description', 'article', 'item'], most: 120),
                new Column('value', 'Value', Reading::Money, called: ['price', 'cost']),
                new Column('origin', 'Origin', called: ['source'], most: 30),
                new Column('place', 'Place', called: ['shelf', 'location', 'bin'], most: 60),
                new Column('model', 'Model', most: 60),
                new Column('memory', 'Memory it fits', called: ['memory type'], most: 40),
                new Column('socket', 'Socket it fits', most: 40),
            ],
            self::Jobs => [
                new Column('number', 'Number there', called: ['job', 'ticket', 'order', 'no', 'id', 'job no'], most: 40),
                new Column('came', 'Came on', Reading::Day, needed: true, called: ['date', 'received', 'in', 'created', 'date in']),
                new Column('name', 'Name of the owner', needed: true, called: $name, most: 120),
                new Column('phone', 'Telephone', Reading::Phone, called: $phone, most: 40),
                new Column('email', 'Mail', Reading::Mail, called: ['e mail', 'email']),
                new Column('model', 'Machine', needed: true, called: ['model', 'device', 'computer', 'equipment'], most: 60),
                new Column('told', 'What was told', called: ['complaint', 'problem', 'fault', 'issue', 'symptom'], most: 2000),
                new Column('done', 'What was done', called: ['work', 'repair', 'solution', 'resolution', 'notes'], most: 2000),
                new Column('back', 'Handed back on', Reading::Day, called: ['returned', 'completed', 'closed', 'out', 'date out']),
                new Column('price', 'Price with tax', Reading::Money, called: ['total', 'amount', 'price']),
                new Column('warranty', 'Warranty, months', Reading::Whole, called: ['warranty months', 'warranty']),
            ],
            self::Prices => [
                new Column('number', 'Their number', called: ['sku', 'article', 'item', 'no', 'part number'], most: 40),
                new Column('kind', 'Kind', needed: true, called: ['type', 'category', 'group'], most: 30),
                new Column('name', 'Name', needed: true, called: ['description', 'product', 'title']),
                new Column('price', 'Price before tax', Reading::Money, needed: true, called: ['price', 'net', 'net price', 'cost']),
                new Column('condition', 'New or used', called: ['condition', 'state'], most: 10),
                new Column('memory', 'Memory it fits', called: ['memory type'], most: 40),
                new Column('socket', 'Socket it fits', most: 40),
            ],
        };

        return array_column($columns, null, 'id');
    }
}
